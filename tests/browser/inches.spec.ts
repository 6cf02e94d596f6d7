import { expect, test } from "@playwright/test";
import { roundPath } from "./pane-of-ones-own.ts";

/* Whoever reads in inches and the other words finds no millimetre, kilo or degree that is not there for a cutter who works in it. */

const STATIONS = ["look", "takeout", "measure", "specify", "order", "ready", "set", "finish", "signoff"];

/** Figures that stay as they are: a size for a metric cutter, a make's code, and what people wrote themselves. */
const STAY = [
  /cut to [\d.]+ × [\d.]+ mm/gi,
  /cuts to [\d.]+ mm: it goes to them as [\d.]+ × [\d.]+ mm/g,
  /\(\d+(\.\d+)?\u00a0mm\)/g,
  /6 mm low|9 mm board|packers first, before anyone/g,
  /Fen End Sealed Units|sealed units, toughened/g,
];
/** A figure in a unit of the other readers, or a field that asks for one. */
const METRIC = /(?:\d\s?|, )(?:mm|cm|kg|g|ml|°C|MPa)(?![\w²³])|W\/m²K/;
const OTHER_WORDS = /\b(?:rebates?|sprigs?|packers?|toughened|sealed units?|glazing bars?)\b/i;

/** A word that nobody put into the reader's own. */
const UNSAID = /\{[A-Za-z]+\}/;

/** The text of a page as it is sent, a piece a line; what is typed, scripts and what only a program reads left out. */
const piecesOf = (html: string): readonly string[] =>
  html
    .replace(/<(script|style)[\s\S]*?<\/\1>/g, "")
    .replace(/<(select|textarea)[\s\S]*?<\/\1>/g, "")
    .replace(/ (props|opts)="[^"]*"/g, "")
    .replace(/<!--[\s\S]*?-->/g, "")
    .replace(/<\/?(span|strong|em|b|abbr|button)\b[^>]*>/g, "")
    .replace(/<[^>]+>/g, "\n")
    .replace(/&quot;|&#34;/g, '"')
    .replace(/&[a-z]+;|&#x?[0-9a-f]+;/gi, "'")
    .split("\n")
    .map((line) => STAY.reduce((text, stays) => text.replace(stays, ""), line).trim())
    .filter(Boolean);

test("every page reads in inches, pounds and the other words, for whoever chose them", async ({ page }) => {
  const { entries } = (await (await page.request.get("/api/entries")).json()) as {
    entries: { kind: string; about: { pane?: string; order?: string; round?: string } }[];
  };
  const round = new URLSearchParams((await roundPath(page)).slice(2)).get("round");
  const panes = entries
    .filter((e) => e.kind === "pane.added")
    .map((e) => e.about.pane)
    .slice(0, 14);
  const paths = [
    `/?round=${round}`,
    `/rounds/${round}/kit`,
    `/rounds/${round}/quote`,
    `/panes/new?round=${round}`,
    "/rounds/new",
    "/house",
    "/learn",
    "/learnt",
    "/plan",
    "/plan/day",
    "/orders",
    "/bench",
    "/bench/rack",
    ...panes.map((p) => `/windows/${p}`),
    ...panes.flatMap((p) => [...STATIONS.map((s) => `/panes/${p}/${s}`), `/panes/${p}/options`, `/panes/${p}/tags`]),
  ];
  const leaks = new Map<string, string>();
  for (const path of paths) {
    const answer = await page.request.get(path, { headers: { cookie: "unit=in; dialect=b" } });
    if (!answer.ok()) throw new Error(`${path}: ${answer.status()}`);
    for (const piece of piecesOf(await answer.text()))
      if (METRIC.test(piece) || OTHER_WORDS.test(piece) || UNSAID.test(piece))
        leaks.set(piece.slice(0, 160), path.replace(/[0-9a-f-]{36}/, "*"));
  }
  expect([...leaks].map(([piece, path]) => `${path}: ${piece}`)).toEqual([]);
});
