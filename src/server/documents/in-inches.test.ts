import { beforeEach, describe, expect, it, vi } from "vitest";
import { withFirm } from "../../core/firm/firm.ts";
import { foldFirm } from "../../core/firm/fold-firm.ts";
import { byPane } from "../../core/log/by-pane.ts";
import { NO_DETAILS } from "../../core/log/kinds/firm.ts";
import { readLog } from "../../core/log/standing-entries.ts";
import { aftercareHere } from "../../core/pane/aftercare.ts";
import { foldPane } from "../../core/pane/book.ts";
import { foldOrder } from "../../core/pane/order-book.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { dayOf } from "../../core/units/day.ts";
import { fittedText } from "../../core/words/fitted.ts";
import { ottermoleRow } from "../../demo/ottermole-row.ts";
import { aftercarePdf } from "./aftercare-pdf.ts";
import { labelsPdf } from "./labels-pdf.ts";
import { orderPdf } from "./order-pdf.ts";

/* Papers in inches and the other words: nothing metric but a metric cutter's own size, no word of the other dialect. */

const printed: unknown[] = [];
vi.mock("./pdf.ts", () => ({
  RULED: {},
  printLabels: async (raw: unknown) => {
    printed.push(raw);
    return Buffer.alloc(0);
  },
  printPdf: async (raw: unknown) => {
    printed.push(raw);
    return Buffer.alloc(0);
  },
}));
beforeEach(() => {
  printed.length = 0;
});

const IN = { unit: "in", dialect: "b", who: "Nell Harrow" } as const;
const METRIC = /\d\s?(?:mm|cm|kg|°C|MPa)(?![\w²³])/;
const OTHER_WORDS = /\b(?:rebates?|sprigs?|packers?|toughened|sealed units?|glazing bars?)\b/i;
const STAY = [/cut to [\d.]+ × [\d.]+ mm/g, /\(\d+(\.\d+)?\s?mm\)/g, /Fen End Sealed Units/g];

/** Every text of what was printed, drawings too. */
function textsOf(raw: unknown): readonly string[] {
  if (typeof raw === "string")
    return raw.startsWith("<svg") ? [...raw.matchAll(/>([^<>]+)<\/text>/g)].map((m) => m[1] ?? "") : [raw];
  if (Array.isArray(raw)) return raw.flatMap(textsOf);
  if (typeof raw === "object" && raw !== null)
    return Object.entries(raw).flatMap(([k, v]) =>
      ["style", "color", "alignment", "width"].includes(k) ? [] : textsOf(v),
    );
  return [];
}
const leaks = () =>
  textsOf(printed)
    .map((t) => STAY.reduce((text, stays) => text.replace(stays, ""), t))
    .filter((t) => METRIC.test(t) || OTHER_WORDS.test(t));

const story = ottermoleRow(dayOf("2026-05-20"));
const firm = foldFirm(story.filter((e) => e.about.pane === undefined && e.about.order === undefined));
const log = readLog(story);
const orders = [...new Set(story.flatMap((e) => e.about.order ?? []))].flatMap((id) => foldOrder(id, log) ?? []);
const panes = [...new Set(story.flatMap((e) => (e.kind === "pane.added" ? (e.about.pane ?? []) : [])))];

describe("papers for whoever reads inches and the other words", () => {
  it("orders and their labels", async () => {
    expect(orders.length).toBeGreaterThan(2);
    for (const o of orders) {
      await orderPdf(o, IN, firm.details);
      await labelsPdf(o, IN, "http://plain.example", { sheet: "14", used: 0 });
    }
    expect(textsOf(printed).join(" ")).toMatch(/\d \d+\/\d+/);
    expect(leaks()).toEqual([]);
  });
  it("the customer's page of every pane", async () => {
    const entriesFor = byPane(story);
    for (const id of panes) {
      const book = foldPane(id, entriesFor(id));
      if (!book) continue;
      const r = reckon(book, withFirm(firm));
      await aftercarePdf({
        firm: NO_DETAILS,
        customer: null,
        where: "here",
        fitted: fittedText(book, r, IN),
        day: "",
        by: "",
        lines: aftercareHere(book, r),
        materials: [],
        snags: [],
        drawing: null,
        dates: [],
      });
    }
    expect(printed.length).toBe(panes.length);
    expect(leaks()).toEqual([]);
  });
});
