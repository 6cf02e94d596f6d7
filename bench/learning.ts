/*
 * Firms whose tape and cutter are off by what they do not know, for a year, with and without learning: npx tsx
 * bench/learning.ts [seed] [firms]. Prints the tables of docs/learning.md.
 */
import { type Chance, seeded } from "../src/core/chance/seeded.ts";
import { HOUSE_DEFAULTS, type HouseRules } from "../src/core/house/rules.ts";
import type { OwnFigure } from "../src/core/learn/own-figure.ts";
import { ownFigures, toAdopt } from "../src/core/learn/own-figures.ts";
import { NOTHING_SEEN, type PaneSeen } from "../src/core/learn/seen.ts";
import { figureOf, governing, type OpeningReadings } from "../src/core/measure/figure.ts";
import { bestDeduction, findBest } from "../src/core/size/best.ts";
import { errorsFor } from "../src/core/size/errors.ts";
import { addDays, dayOf, writeDay } from "../src/core/units/day.ts";
import { mm, nm, takeNm, toMm } from "../src/core/units/length.ts";
import { judged } from "./judged.ts";
import { anOpening, gridOf, readOnce, type TrueOpening } from "./population.ts";

const SEED = Number(process.argv[2] ?? 20260520);
const FIRMS = Number(process.argv[3] ?? 12);
const BEGIN = dayOf("2026-01-01");
const MONTHS = 12;
const A_MONTH = 30;
const TWICE = 0.2;

/** What nobody in the firm knows, mm: what its tapes read too much, what single glass and units come too large by. */
type Hidden = { readonly name: string; readonly tape: number; readonly single: number; readonly units: number };
const HIDDEN: readonly Hidden[] = [
  { name: "tape 1 mm short, cutter 1.2 mm large", tape: -1, single: 1.2, units: 0 },
  { name: "tape right, cutter 1.2 mm large", tape: 0, single: 1.2, units: 1.2 },
  { name: "tape 1 mm long, cutter 1.2 mm large", tape: 1, single: 1.2, units: 0 },
  { name: "tape and cutter as the house believes", tape: 0, single: 0, units: 0 },
];

type Done = "fits" | "binds" | "cover-lost" | "declined";
const isBack = (d: Done | undefined): boolean => d === "binds" || d === "cover-lost";

for (const hidden of HIDDEN) {
  const [learning, not] = [yearOf(hidden, true), yearOf(hidden, false)];
  console.log(
    `\n### ${hidden.name}\n\n| month | made by both | remade, not learning | remade, learning | made by it alone, and good | made by the other alone, and good |\n| --- | --: | --: | --: | --: | --: |`,
  );
  for (let m = 0; m < MONTHS; m++) console.log(`| ${m + 1} | ${compared(not[m] ?? [], learning[m] ?? [])} |`);
  console.log(`| the year | ${compared(not.flat(), learning.flat())} |`);
}
coverage();

/** What became of every pane of every firm, by month, in the order in which they came. */
function yearOf(hidden: Hidden, learns: boolean): readonly (readonly Done[])[] {
  const months = Array.from({ length: MONTHS }, (): Done[] => []);
  for (let f = 0; f < FIRMS; f++) {
    let house: HouseRules = HOUSE_DEFAULTS;
    const seen: PaneSeen[] = [];
    for (let m = 0; m < MONTHS; m++) {
      for (let i = 0; i < A_MONTH; i++) {
        // The same openings and the same luck for both.
        const c = seeded(SEED + 100_000 * f + 1000 * m + i);
        const made = onePane(c, hidden, house, writeDay(addDays(BEGIN, 30 * m + i)));
        months[m]?.push(made.done);
        if (made.seen) seen.push(made.seen);
      }
      if (!learns) continue;
      const today = addDays(BEGIN, 30 * (m + 1));
      const figures = ownFigures(seen, { house, own: new Map(), defaults: HOUSE_DEFAULTS, today });
      for (const { rule, own } of toAdopt(figures).flatMap((f) => f.sets)) house = { ...house, [rule]: own };
    }
  }
  return months;
}

/** Side by side on the panes that both made; and what one made that the other declined. */
function compared(not: readonly Done[], learning: readonly Done[]): string {
  const both = not.flatMap((d, i) => (d !== "declined" && learning[i] !== "declined" ? [i] : []));
  const back = (done: readonly Done[]): number => both.filter((i) => isBack(done[i])).length;
  const alone = (a: readonly Done[], b: readonly Done[]): string => {
    const own = a.filter((d, i) => d !== "declined" && b[i] === "declined");
    return `${own.length}, ${own.filter((d) => !isBack(d)).length}`;
  };
  const share = (n: number): string => `${n} (${((100 * n) / both.length).toFixed(1)}%)`;
  return `${both.length} | ${share(back(not))} | ${share(back(learning))} | ${alone(learning, not)} | ${alone(not, learning)}`;
}

function onePane(
  c: Chance,
  hidden: Hidden,
  house: HouseRules,
  day: string,
): { readonly done: Done; readonly seen: PaneSeen | null } {
  const o = anOpening(c);
  const off = (r: OpeningReadings): OpeningReadings =>
    Object.fromEntries(Object.entries(r).map(([k, v]) => [k, nm(v + hidden.tape * 1e6)]));
  const readings = off(readOnce(c, o));
  const again = c.uniform() < TWICE ? off(readOnce(c, o)) : null;
  const luck = [2 * c.uniform() - 1, 2 * c.uniform() - 1, c.normal(), c.normal()] as const;
  const twice = again
    ? (["width-top", "height-left"] as const).flatMap((p) => {
        const [a, b] = [readings[p], again[p]];
        return a === undefined || b === undefined ? [] : [{ who: "x", tape: o.tape, day, byMm: toMm(takeNm(a, b)) }];
      })
    : [];
  const size = sizeOf(o, readings, house);
  if (!size) return { done: "declined", seen: { ...NOTHING_SEEN, twice } };
  const larger = o.sealedUnit ? hidden.units : hidden.single;
  const within = o.sealedUnit ? HOUSE_DEFAULTS.cutErrorUnitMm : HOUSE_DEFAULTS.cutErrorMm;
  // A cutter that is off, but steady: half of what is allowed.
  const came = {
    width: size.width + larger + 0.5 * within * luck[0],
    height: size.height + larger + 0.5 * within * luck[1],
  };
  const spread = o.tape === "mm" ? HOUSE_DEFAULTS.tapeErrorMm : HOUSE_DEFAULTS.tapeErrorInchesMm;
  const read = (true_: number, by: number): number => Math.round((true_ + hidden.tape + spread * by) * 2) / 2;
  const side = (byMm: number) => ({ supplier: "s", sealed: o.sealedUnit, who: "x", tape: o.tape, day, byMm });
  return {
    done: judged(o, came),
    seen: {
      ...NOTHING_SEEN,
      twice,
      sides: [side(read(came.width, luck[2]) - size.width), side(read(came.height, luck[3]) - size.height)],
    },
  };
}

function sizeOf(o: TrueOpening, r: OpeningReadings, house: HouseRules) {
  const errors = errorsFor(house, { material: o.material, tape: o.tape, sealedUnit: o.sealedUnit });
  const best = findBest({
    readings: r,
    figure: figureOf(r),
    grid: gridOf(o),
    depths: { left: mm(o.depth), right: mm(o.depth), bottom: mm(o.depth), top: mm(o.depth) },
    leastCover: mm(o.leastCover),
    errors,
  });
  const [w, h] = [governing(r, "width")?.length, governing(r, "height")?.length];
  if (!best || !w || !h || best.chances.trouble > house.troubleShare) return null;
  const by = bestDeduction(best);
  return { width: toMm(takeNm(w, by.width)), height: toMm(takeNm(h, by.height)) };
}

/** A thousand hidden firms: how often the truth lies in the interval that is shown for it. */
function coverage(): void {
  const held = new Map<string, { of: number; in: number }>();
  const note = (f: OwnFigure | undefined, truth: number): void => {
    if (!f || f.own === null) return;
    const row = held.get(f.id) ?? { of: 0, in: 0 };
    held.set(f.id, row);
    row.of++;
    if (f.within.lo <= truth && truth <= f.within.hi) row.in++;
  };
  for (let f = 0; f < 1000; f++) {
    const c = seeded(SEED + 7_000_000 + f);
    const off = 0.8 * c.normal();
    const within = 0.5 + 1.5 * c.uniform();
    const tape = 0.3 + 0.4 * c.uniform();
    const panes = 10 + Math.floor(90 * c.uniform());
    const today = dayOf("2026-12-31");
    const seen = Array.from({ length: panes }, (_, i): PaneSeen => {
      const day = writeDay(addDays(BEGIN, Math.floor((365 * i) / panes)));
      const side = () => ({
        supplier: "s",
        sealed: false,
        who: "x",
        tape: "mm" as const,
        day,
        byMm: off + within * (2 * c.uniform() - 1) + tape * c.normal(),
      });
      return {
        ...NOTHING_SEEN,
        sides: [side(), side()],
        twice: [{ who: "x", tape: "mm", day, byMm: tape * Math.SQRT2 * c.normal() }],
      };
    });
    // The tape is learned first, as the page would have it adopted.
    const by = { own: new Map(), defaults: HOUSE_DEFAULTS, today };
    const first = ownFigures(seen, { ...by, house: HOUSE_DEFAULTS });
    const learned = first.find((x) => x.id === "tape-mm")?.own ?? HOUSE_DEFAULTS.tapeErrorMm;
    const figures = ownFigures(seen, { ...by, house: { ...HOUSE_DEFAULTS, tapeErrorMm: learned } });
    const given = (id: string) => figures.find((x) => x.id === id);
    note(given("off-single"), off);
    note(given("cut-single"), within);
    note(given("tape-mm"), tape);
  }
  console.log("\n| figure | firms | truth inside its nine in ten |\n| --- | --: | --: |");
  for (const [id, row] of held) console.log(`| ${id} | ${row.of} | ${((100 * row.in) / row.of).toFixed(1)}% |`);
}
