import { NO_BARS } from "../../core/measure/found.ts";
import { OPENING } from "../../core/measure/places.ts";
import { glassMakes } from "../../core/pane/glass-here.ts";
import { needsTemplate } from "../../core/pane/needs-template.ts";
import { type Meant, meantByWay, readingMeant } from "../../core/pane/read-what.ts";
import { wasHad } from "../../core/pane/stands.ts";
import { isUnit } from "../../core/pane/unit.ts";
import type { UnknownId } from "../../core/pane/unknowns.ts";
import { GLASS_NAMES, madeNear, sheetMakes } from "../../core/specify/glass.ts";
import { PLAIN_LOOKS, RUN_NAMES, RUNS } from "../../core/specify/looks.ts";
import { SPACERS } from "../../core/specify/makeup.ts";
import { SAFE_KINDS, saferMakeup, saferSheet } from "../../core/specify/safer.ts";
import { writeNumber } from "../../core/tape/write.ts";
import type { Template } from "../../core/text/template.ts";
import type { Nm } from "../../core/units/length.ts";
import { usePane } from "./pane-context.ts";

/** One tap that answers what an order would leave to guess. */
export type QuickAnswer = { readonly says: Template; readonly tell: () => void };

/** The answers that are one tap from wherever the question stands, by what is unknown. */
export function useQuickAnswers(): Readonly<Partial<Record<UnknownId, readonly QuickAnswer[] | undefined>>> {
  const { book, reckoning: r, write } = usePane();
  const { makeup } = book;
  const { kind, thickness, edges } = r.chosen;
  const sheet = (length: Nm, why: string): QuickAnswer => {
    const unit = sheetMakes(length);
    const text = writeNumber(length, unit);
    return {
      says: `${text} ${unit} ${GLASS_NAMES[kind]}, ${why}`,
      tell: () => write("specify.glass", { kind, thickness: { text, unit }, edges, pattern: "" }),
    };
  };
  /** What was kept as the opening's is moved to where it was meant. */
  const readMeant = (meant: Meant): void => {
    for (const [of, place] of [
      ["width", meant.width],
      ["height", meant.height],
    ] as const) {
      const from = readingMeant(r, of);
      const said = from === null ? undefined : book.readings[from];
      const unit = said?.read.ok ? said.read.value.unit : undefined;
      if (said && unit)
        write("measure.reading", { place, text: said.text, unit, ...(said.sure === null ? {} : { sure: said.sure }) });
    }
    for (const place of OPENING) if (book.readings[place]) write("measure.reading", { place, text: "", unit: "mm" });
  };
  const read = r.readings["old-thickness"] ?? r.readings["pane-thickness"];
  const old = read === undefined ? null : madeNear(kind, read, glassMakes(book));
  const meant = meantByWay(book, r);
  return {
    "read-what":
      meant === null
        ? undefined
        : [
            { says: "The opening itself", tell: () => write("measure.way", { way: "rebate" }) },
            { says: `It was ${meant.name}`, tell: () => readMeant(meant) },
          ],
    // Ordinary glass is not offered where safety glass is called for.
    glass: r.unsafe
      ? undefined
      : [
          ...(old !== null && old !== thickness ? [sheet(old, "as the old one")] : []),
          sheet(thickness, old === thickness ? "as the old one" : "the house's usual"),
        ],
    unsafe: makeup
      ? SAFE_KINDS.map(
          (k): QuickAnswer => ({
            says: `${makeup.panes.length === 2 ? "Both" : "All"} sheets ${GLASS_NAMES[k]}`,
            tell: () => write("specify.makeup", { makeup: saferMakeup(makeup, k) }),
          }),
        )
      : // What is here is what it is: no choice makes it safe.
        book.panel || isUnit(book) || wasHad(book)
        ? undefined
        : SAFE_KINDS.map((k): QuickAnswer => {
            const safer = saferSheet(k, thickness);
            const unit = sheetMakes(safer);
            const text = writeNumber(safer, unit);
            return {
              says: `Make it ${text} ${unit} ${GLASS_NAMES[k]}`,
              tell: () =>
                write("specify.glass", {
                  kind: k,
                  thickness: { text, unit },
                  edges,
                  pattern: book.glass?.pattern ?? "",
                }),
            };
          }),
    template: needsTemplate(book, r)
      ? [{ says: "It is taken: face and top are marked", tell: () => write("measure.template", { taken: true }) }]
      : undefined,
    bars: [{ says: "No bars", tell: () => write("measure.bars", NO_BARS) }],
    coating: [{ says: "Not coated", tell: () => write("measure.coating", { coated: "no", face: null, how: "" }) }],
    spacer: makeup
      ? SPACERS.map((s) => ({ says: s, tell: () => write("specify.makeup", { makeup: { ...makeup, spacer: s } }) }))
      : [],
    "pattern-on": (["outer", "inner"] as const).map((on) => ({
      says: `The ${on} sheet`,
      tell: () => write("specify.looks", { ...(book.looks ?? PLAIN_LOOKS), patternOn: on }),
    })),
    "pattern-runs": RUNS.filter((way) => way !== "not-said").map((runs) => ({
      says: RUN_NAMES[runs],
      tell: () => write("specify.looks", { ...(book.looks ?? PLAIN_LOOKS), runs }),
    })),
  };
}
