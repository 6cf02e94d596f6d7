/*
 * A year of openings: npx tsx bench/remakes.ts [seed] [how many] [how much worse all errors are than the model believes]
 * [which readings are taken, a name in READ_AT]. Prints the tables of docs/remakes.md.
 */
import { seeded } from "../src/core/chance/seeded.ts";
import { HOUSE_DEFAULTS } from "../src/core/house/rules.ts";
import { slipsIn } from "../src/core/measure/slips.ts";
import { toMm } from "../src/core/units/length.ts";
import { anyWouldDo, byBestOdds, bySchool, FIXED, type Size } from "./choices.ts";
import { judged } from "./judged.ts";
import {
  anOpening,
  errorsOf,
  READ_AT,
  read,
  readOnce,
  SLIP_SHARE,
  type SlipMade,
  slipped,
  worse,
} from "./population.ts";

type Made = "fits" | "binds" | "cover-lost" | "declined-rightly" | "declined-needlessly";

const SEED = Number(process.argv[2] ?? 20260520);
const COUNT = Number(process.argv[3] ?? 10_000);
worse.by = Number(process.argv[4] ?? 1);
const AT = process.argv[5] ?? "eight";
if (!(AT in READ_AT)) throw new Error(`Which readings? One of ${Object.keys(READ_AT).join(", ")}.`);
read.at = READ_AT[AT as keyof typeof READ_AT];

const tally = new Map<string, Map<Made, number>>();
const count = (who: string, made: Made): void => {
  const row = tally.get(who) ?? new Map<Made, number>();
  row.set(made, (row.get(made) ?? 0) + 1);
  tally.set(who, row);
};

const slips = new Map<SlipMade, { made: number; caught: number; put: number }>();
let [falseAlarms, honest, noneWouldDo, couldAnother, heldFirst, unwarned] = [0, 0, 0, 0, 0, 0];
const byClass = new Map<string, { n: number; best: number; easy: number; none: number }>();
const LIMIT = Number(process.env["TROUBLE"] ?? HOUSE_DEFAULTS.troubleShare);

for (let i = 0; i < COUNT; i++) {
  const c = seeded(SEED + i);
  const o = anOpening(c);
  const honestReadings = readOnce(c, o);
  const slip = c.uniform() < SLIP_SHARE ? slipped(c, o, honestReadings) : null;
  const first = slip?.readings ?? honestReadings;
  const errors = errorsOf(o);
  const cut = {
    width: worse.by * (2 * c.uniform() - 1) * errors.cutting.mm,
    height: worse.by * (2 * c.uniform() - 1) * errors.cutting.mm,
  };
  const again = readOnce(c, o);
  const came = (s: Size) => ({ width: toMm(s.width) + cut.width, height: toMm(s.height) + cut.height });
  const could = anyWouldDo(o);
  if (!could) noneWouldDo++;

  const flagged = slipsIn({ readings: first, unit: o.tape, tapeMm: errors.tape, shape: o.shape });
  if (slip) {
    const s = slips.get(slip.kind) ?? { made: 0, caught: 0, put: 0 };
    s.made++;
    if (flagged.length > 0) s.caught++;
    slips.set(slip.kind, s);
  } else {
    honest++;
    if (flagged.length > 0) falseAlarms++;
  }
  // Pointed at, a reading is read again: the whole set here, as the blind second reading would.
  const settled = flagged.length > 0 ? again : first;

  const cls = byClass.get(o.class) ?? { n: 0, best: 0, easy: 0, none: 0 };
  cls.n++;
  if (!could) cls.none++;
  for (const school of FIXED) {
    const alone = bySchool(o, first, school);
    const made = alone ? judged(o, came(alone)) : "binds";
    count(school, made);
    const checked = bySchool(o, settled, school);
    const after = checked ? judged(o, came(checked)) : "binds";
    count(`${school}, slips pointed at`, after);
    if (school === "easy" && after !== "fits") cls.easy++;
  }
  const best = byBestOdds(o, settled);
  if (!best || best.trouble > LIMIT) {
    // Needless where what it would have chosen would have done.
    const would = best !== null && judged(o, came(best.size)) === "fits";
    if (could && !would) couldAnother++;
    count("best odds", would ? "declined-needlessly" : "declined-rightly");
  } else {
    const made = judged(o, came(best.size));
    count("best odds", made);
    if (made !== "fits") cls.best++;
    // Over the firm's limit a word why is wanted before it is ordered: whoever reads on instead of saying it is spared the rest.
    const held = best.trouble > HOUSE_DEFAULTS.holdShare;
    if (held) heldFirst++;
    else if (made !== "fits") unwarned++;
  }
  byClass.set(o.class, cls);
}

const share = (n: number, given = COUNT): string => `${((100 * n) / given).toFixed(2)}%`;
const caught = [...slips.values()].reduce((s, v) => s + v.caught, 0);
const made = [...slips.values()].reduce((s, v) => s + v.made, 0);
const out: string[] = [];
out.push(
  `${COUNT} openings, seed ${SEED}, readings: ${AT}. For ${noneWouldDo} (${share(noneWouldDo)}) no true rectangle would have done.`,
  "",
);
out.push(
  "| school | binds | cover lost | remade | declined rightly | needlessly |",
  "| --- | --: | --: | --: | --: | --: |",
);
for (const [who, row] of tally) {
  const n = (m: Made): number => row.get(m) ?? 0;
  out.push(
    `| ${who} | ${share(n("binds"))} | ${share(n("cover-lost"))} | ${share(n("binds") + n("cover-lost"))} | ${share(n("declined-rightly"))} | ${share(n("declined-needlessly"))} |`,
  );
}
out.push("", `Declined where another true rectangle would have done: ${share(couldAnother)}.`);
out.push(
  "",
  `Best odds: held until somebody says why, ${share(heldFirst)}; remade though nothing was held, ${share(unwarned)}.`,
);
out.push("", "| slip | made | pointed at |", "| --- | --: | --: |");
for (const [kind, s] of slips) out.push(`| ${kind} | ${s.made} | ${share(s.caught, s.made)} |`);
out.push(`| all | ${made} | ${share(caught, made)} |`, "");
out.push(`False alarms: ${falseAlarms} of ${honest} honest sets (${share(falseAlarms, honest)}).`, "");
out.push("| opening | how many | easy remade | best odds remade | none would do |", "| --- | --: | --: | --: | --: |");
for (const [name, v] of byClass)
  out.push(`| ${name} | ${v.n} | ${share(v.easy, v.n)} | ${share(v.best, v.n)} | ${share(v.none, v.n)} |`);
console.log(out.join("\n"));
