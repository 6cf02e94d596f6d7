import type { Firm } from "../../src/core/firm/firm.ts";
import { HOUSE_DEFAULTS } from "../../src/core/house/rules.ts";
import { optionsFor, ownerNote, recommend } from "../../src/core/look/options.ts";
import { sourcesFor } from "../../src/core/order/sources.ts";
import { quotedPane } from "../../src/core/page/quoted-pane.ts";
import { aftercareHere } from "../../src/core/pane/aftercare.ts";
import { againstOf, bedHere } from "../../src/core/pane/bed-here.ts";
import { blanksOf } from "../../src/core/pane/before-order.ts";
import { foldPane } from "../../src/core/pane/book.ts";
import { candidatesHere } from "../../src/core/pane/candidates-here.ts";
import { carriedFrom } from "../../src/core/pane/carried.ts";
import { facingFacts } from "../../src/core/pane/facing.ts";
import { inspectionHere } from "../../src/core/pane/inspection.ts";
import { optionLeads } from "../../src/core/pane/option-leads.ts";
import { optionsFacts } from "../../src/core/pane/options-facts.ts";
import { labelOf, orderLineOf } from "../../src/core/pane/order-line.ts";
import { promiseOf } from "../../src/core/pane/promise.ts";
import { reckon } from "../../src/core/pane/reckoning.ts";
import { shapeFor } from "../../src/core/pane/shaped.ts";
import { stillShut } from "../../src/core/pane/shut.ts";
import { sourceFacts } from "../../src/core/pane/source-facts.ts";
import { beadsOf, hazardsOf } from "../../src/core/pane/step-facts.ts";
import { metresRound, stepsOnce } from "../../src/core/pane/steps-at.ts";
import { visitsOf } from "../../src/core/pane/visits.ts";
import { waitsOf } from "../../src/core/pane/waits.ts";
import { windHere } from "../../src/core/pane/wind-here.ts";
import type { Step } from "../../src/core/steps/step.ts";
import { type Day, writeDay } from "../../src/core/units/day.ts";
import type { LengthUnit } from "../../src/core/units/length.ts";
import { wholePane } from "../../src/core/words/whole-pane.ts";
import { PLAIN_DAYS } from "./plain-days.ts";
import { sheetLines } from "./sheet-lines.ts";
import { PANE, type Teller } from "./told.ts";

export type SheetBy = {
  readonly firm: Firm;
  readonly today: Day;
  readonly unit: LengthUnit;
};

/** Days as people write them: where a value is of that type, which is a number. */
const dated = <T extends object>(value: T | null, ...days: readonly (keyof T)[]): unknown =>
  value &&
  Object.fromEntries(
    Object.entries(value).map(([k, v]) => [
      k,
      days.includes(k as keyof T) && typeof v === "number" ? writeDay(v as Day) : v,
    ]),
  );

/**
 * Everything that follows for a pane from what was told of it, as a sheet to be read: what the page shows at each station, what
 * goes on the order and on the quote, whom it is asked of, and what is left to do.
 */
export function jobSheet(told: Teller, { firm, today, unit }: SheetBy): string {
  const book = foldPane(PANE, told.entries);
  if (!book) throw new Error("there is no pane");
  const r = reckon(book, {
    house: HOUSE_DEFAULTS,
    calendar: PLAIN_DAYS,
    stock: firm.stock,
    inserts: firm.inserts,
    compounds: firm.compounds,
  });
  const whole = wholePane(book, r, { today, nowMs: Date.UTC(2026, 4, 20, 12), unit, dialect: "a", others: [] });
  const { stations, id: _, where: __, quantities, packers, readings, opening, ...figures } = whole;
  const { readings: counted, ...lies } = opening;
  const steps = stepsOnce(book, r);
  const by = { firm, today, record: [] };
  const facts = sourceFacts(book, r, by);
  const options = optionsFacts(book, r, optionLeads(book, r, by));
  const offered = optionsFor(options, HOUSE_DEFAULTS);
  const part = (title: string, values: Readonly<Record<string, unknown>>): readonly string[] => {
    const lines = Object.entries(values).flatMap(([name, value]) => sheetLines(name, value));
    return lines.length === 0 ? [] : [`== ${title}`, ...lines, ""];
  };
  return [
    ...part(labelOf(book), {
      read: readings.map((x) => `${x.place} ${x.text} ${x.unit} ${x.state ?? ""} ${x.says ?? ""}`.trim()),
      counted: Object.fromEntries(Object.entries(counted).map(([place, l]) => [place, l.text])),
      opening: lies,
      ...figures,
      size: textOf(figures.size),
      workedOut: textOf(figures.workedOut),
      deduction: figures.deduction && { ...textOf(figures.deduction), source: figures.deduction.source },
    }),
    ...part("Look", {
      options: offered.map((o) => ({ ...o, reasons: undefined })),
      recommended: recommend(offered, options),
      owner: ownerNote(options),
    }),
    ...part("Specify", {
      candidates: candidatesHere(book, r, by, "toughened"),
      wind: windHere(book, r, HOUSE_DEFAULTS),
      bed: bedHere(book, r.glass).from,
      touches: againstOf(book, r.glass),
      blanks: blanksOf(book, r),
      carried: carriedFrom(book).map((c) => c.kind),
      shape: shapeOf(r),
    }),
    ...part("Order", {
      line: orderLineOf(book, r),
      sources: facts && sourcesFor(facts).map((x) => dated(x, "day")),
      quoted: quotedPane(book, r, { ...by, dialect: "a", unit }),
      stock: r.stock.map((s) => ({ name: s.pane.name, cuts: s.cuts, glass: s.glass, trouble: s.trouble() })),
    }),
    ...part("Set", { ...packers, ...quantities, beads: beadsOf(book, r), facing: facingFacts(book, r) }),
    ...part("Days", {
      visits: visitsOf(book, r, today).map((v) => dated(v, "earliest", "latest", "dry")),
      shut: dated({ day: stillShut(book, r, today) }, "day"),
      metres: metresRound(r),
      waits: waitsOf(book, r, today).map((w) => dated(w, "from", "to")),
      promise: dated(promiseOf(book, r, by), "day", "fitBy", "planned"),
    }),
    ...part("Sign off", {
      inspection: inspectionHere(book, r, today),
      aftercare: aftercareHere(book, r, today),
    }),
    ...stations.flatMap(({ station, state, says, steps: of }) => [
      `== ${station}: ${state}, ${says}`,
      ...(station === "takeout" || station === "set" ? sheetLines("hazards", hazardsOf(book, r, station)) : []),
      ...of.flatMap((s, i) => [
        `${s.id} (${s.state}, ${s.minutes} min, ${s.people}): ${s.does}`,
        ...sheetLines("with", shownOf(steps(station)[i]), "    "),
        ...(s.held === null ? [] : [`    held: ${s.held}`]),
      ]),
      "",
    ]),
  ].join("\n");
}

/** Of a step what follows from the job; what is said of it always is in its method. */
const shownOf = (step: Step | undefined) => {
  if (!step) return undefined;
  const {
    id: _,
    does: __,
    why: ___,
    tools: ____,
    minutes: _____,
    people: ______,
    never: _______,
    photos,
    ...rest
  } = step;
  return { ...rest, photos: photos?.length };
};

/** A size as it is written. */
const textOf = (size: { readonly width: Written; readonly height: Written } | null) =>
  size && { width: size.width.text, height: size.height.text };
type Written = { readonly text: string };

const shapeOf = (r: ReturnType<typeof reckon>) =>
  r.figure.ok ? shapeFor(r.figure.value, HOUSE_DEFAULTS.leastGapMm) : null;
