import type { Chance } from "../chance/seeded.ts";
import type { OpeningReadings } from "../measure/figure.ts";
import { OPENING, type OpeningPlace } from "../measure/places.ts";
import { slipsIn } from "../measure/slips.ts";
import { writeLength } from "../tape/write.ts";
import { type LengthUnit, type Mm, mm, NM_PER_INCH, NM_PER_MM, type Nm, nm } from "../units/length.ts";
import { between, type Exercise, oneOf, until } from "./exercise.ts";

/** How much a slip is off by level, mm: an inch, ten, two digits, five. */
const SLIPS = {
  mm: [[100], [30, 20], [10], [10, 9], [10, 9, 6]],
  in: [[101.6], [50.8], [25.4], [25.4, 12.7], [25.4, 12.7, 6.35]],
} as const;

/** Eight readings of one opening, one of them slipped between tape and paper: tap it. */
export const FIND_SLIP: Exercise = {
  name: "Find the slip",
  why: "One figure in sixty is written down wrong, and the other seven know it.",
  make: (c, level, unit) => {
    const { readings, place, meant } = until(() => slipped(c, level, unit));
    const text = (length: Nm): string => writeLength(length, unit, { places: 1, ticks: 32 });
    return {
      asks: "One of these was read or written wrong. Which?",
      form: { kind: "place", places: OPENING },
      picture: { kind: "opening", quad: asRead(readings), readings, unit },
      judge: ({ picks }) => ({
        right: OPENING[picks[0] ?? -1] === place,
        offMm: null,
        says: `${text(readings[place] ?? meant)} ought to be near ${text(meant)}: the others say so.`,
      }),
    };
  },
};

function slipped(
  c: Chance,
  level: number,
  unit: LengthUnit,
): { readonly readings: OpeningReadings; readonly place: OpeningPlace; readonly meant: Nm } | null {
  const step = unit === "mm" ? NM_PER_MM / 2 : NM_PER_INCH / 32;
  const onTape = (length: Mm): Nm => nm(Math.round((length * NM_PER_MM) / step) * step);
  const [w, h] = [between(c, 350, 900), between(c, 450, 1200)];
  const lean = 2 * c.normal();
  const near = (length: Mm): Nm => onTape(length + 0.6 * c.normal());
  const honest: Record<OpeningPlace, Nm> = {
    "width-top": near(w),
    "width-middle": near(w),
    "width-bottom": near(w),
    "height-left": near(h),
    "height-middle": near(h),
    "height-right": near(h),
    "diagonal-up": near(Math.hypot(w + lean, h)),
    "diagonal-down": near(Math.hypot(w - lean, h)),
  };
  const place = oneOf(c, OPENING);
  const by = oneOf(c, SLIPS[unit][level - 1] ?? SLIPS[unit][0]) * (c.uniform() < 0.5 ? -1 : 1);
  const readings = { ...honest, [place]: onTape(honest[place] / NM_PER_MM + by) };
  const found = slipsIn({ readings, unit, tapeMm: 0.5 });
  const [only] = found;
  // Only where the reckoning itself points at that one, and at no other.
  return found.length === 1 && only?.place === place && !only.with ? { readings, place, meant: only.meant } : null;
}

const asRead = (r: OpeningReadings) => {
  const [w, h] = [(r["width-middle"] ?? mm(500)) / NM_PER_MM, (r["height-middle"] ?? mm(700)) / NM_PER_MM];
  return { bl: { x: 0, y: 0 }, br: { x: w, y: 0 }, tr: { x: w, y: h }, tl: { x: 0, y: h } };
};
