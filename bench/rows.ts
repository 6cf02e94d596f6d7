/*
 * Where the best odds are no better than a fixed school: npx tsx bench/rows.ts [seed] [how many] [one name of READ_AT]. For every choice of readings
 * and of errors, by frame and depth, over those openings for which some true rectangle would have done. Prints the last table
 * of docs/remakes.md.
 */
import { seeded } from "../src/core/chance/seeded.ts";
import { HOUSE_DEFAULTS } from "../src/core/house/rules.ts";
import { slipsIn } from "../src/core/measure/slips.ts";
import { toMm } from "../src/core/units/length.ts";
import { anyWouldDo, byBestOdds, bySchool, FIXED, type Size } from "./choices.ts";
import { judged } from "./judged.ts";
import { anOpening, errorsOf, READ_AT, read, readOnce, type TrueOpening, worse } from "./population.ts";

const SEED = Number(process.argv[2] ?? 20260520);
const COUNT = Number(process.argv[3] ?? 2000);
const ONLY = process.argv[4];
const ERRORS = [
  { name: "as believed", by: 1, tapeShort: 0 },
  { name: "half as bad again", by: 1.5, tapeShort: 0 },
  { name: "tape 1 mm short", by: 1, tapeShort: 1 },
  { name: "tape 1 mm long", by: 1, tapeShort: -1 },
] as const;

const frameOf = (o: TrueOpening): string => {
  if (o.material !== "timber") return o.material === "plastic" ? "plastic, unit" : "metal";
  return o.depth < 8.5 ? "timber, shallow" : o.depth < 11 ? "timber" : "timber, deep";
};

type Row = { n: number; remade: number; needless: number; held: number; fixed: number[] };
const rows = new Map<string, Row>();
const rowOf = (key: string): Row => {
  const row = rows.get(key) ?? { n: 0, remade: 0, needless: 0, held: 0, fixed: FIXED.map(() => 0) };
  rows.set(key, row);
  return row;
};

for (const [name, places] of Object.entries(READ_AT).filter(([n]) => ONLY === undefined || n === ONLY))
  for (const e of ERRORS) {
    read.at = places;
    worse.by = e.by;
    worse.tapeShort = e.tapeShort;
    for (let i = 0; i < COUNT; i++) {
      const c = seeded(SEED + i);
      const o = anOpening(c);
      if (!anyWouldDo(o)) continue;
      const errors = errorsOf(o);
      const [first, again] = [readOnce(c, o), readOnce(c, o)];
      const cut = () => worse.by * (2 * c.uniform() - 1) * errors.cutting.mm;
      const off = { width: cut(), height: cut() };
      const slips = slipsIn({ readings: first, unit: o.tape, tapeMm: errors.tape, shape: o.shape });
      const readings = slips.length > 0 ? again : first;
      const ends = (s: Size | null) =>
        s === null ? "binds" : judged(o, { width: toMm(s.width) + off.width, height: toMm(s.height) + off.height });
      const best = byBestOdds(o, readings);
      const made = best && ends(best.size);
      const schools = FIXED.map((school) => ends(bySchool(o, readings, school)));
      for (const row of [rowOf(`${name} | ${e.name} | all`), rowOf(`${name} | ${e.name} | ${frameOf(o)}`)]) {
        row.n++;
        schools.forEach((s, k) => {
          if (s !== "fits") row.fixed[k] = (row.fixed[k] ?? 0) + 1;
        });
        if (!best || best.trouble > HOUSE_DEFAULTS.troubleShare) {
          if (made === "fits") row.needless++;
        } else {
          if (best.trouble > HOUSE_DEFAULTS.holdShare) row.held++;
          if (made !== "fits") row.remade++;
        }
      }
    }
    console.error(name, e.name);
  }

const FRAMES = ["all", "timber, shallow", "timber", "timber, deep", "plastic, unit", "metal"] as const;
const share = (n: number, value: number): string => ((100 * n) / value).toFixed(1);
/** What is remade of the choice's, and in brackets of the best fixed school's; bold where that did better. */
function cell(r: Row | undefined): string {
  if (!r) return "";
  const fixed = share(Math.min(...r.fixed), r.n);
  return r.remade > Math.min(...r.fixed)
    ? `**${share(r.remade, r.n)}** (${fixed})`
    : `${share(r.remade, r.n)} (${fixed})`;
}
console.log(`| readings | errors | ${FRAMES.join(" | ")} | declined needlessly | held |`);
console.log(`| --- | --- | ${FRAMES.map(() => "--:").join(" | ")} | --: | --: |`);
for (const name of Object.keys(READ_AT).filter((n) => ONLY === undefined || n === ONLY))
  for (const e of ERRORS) {
    const all = rowOf(`${name} | ${e.name} | all`);
    const cells = FRAMES.map((f) => cell(rows.get(`${name} | ${e.name} | ${f}`)));
    console.log(
      `| ${name} | ${e.name} | ${cells.join(" | ")} | ${share(all.needless, all.n)} | ${share(all.held, all.n)} |`,
    );
  }
