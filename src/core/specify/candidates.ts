import { areaOfM2 } from "../money/parts.ts";
import type { Pence } from "../money/pence.ts";
import { isInchMake } from "../units/inch-make.ts";
import type { Mm } from "../units/length.ts";
import type { GlassKind } from "./glass.ts";
import { surfaceOf, USUAL_FILL } from "./heat.ts";
import { type Makeup, makeupHeat, makeupMass, makeupOverall, NO_SPACER } from "./makeup.ts";
import { laminatedFor, spacerUpTo } from "./safer.ts";
import { unitPence } from "./unit-price.ts";

export type CandidateFacts = {
  /** The unit that was there, or the likeliest for its thickness; null for single glass. */
  readonly was: { readonly panesMm: readonly Mm[]; readonly cavityMm: Mm } | null;
  /** A unit was there before: the plain one is the same again. */
  readonly again: boolean;
  /** Room for the unit through the thickness, mm; null until the rebate is read. */
  readonly roomMm: Mm | null;
  readonly widthMm: Mm;
  readonly heightMm: Mm;
  readonly safetyNeeded: boolean;
  /** Which safety glass, where it is needed. */
  readonly safetyKind: "toughened" | "laminated";
  readonly emissivity: number;
  readonly roomC: number;
  readonly outsideC: number;
  readonly perM2: Pence;
  readonly leastCharge: Pence;
  readonly days: number;
};

export type Candidate = {
  readonly id: "same" | "coated" | "argon" | "triple";
  readonly name: string;
  readonly makeup: Makeup;
  readonly overallMm: Mm;
  readonly heat: number;
  readonly surfaceC: number;
  readonly dryUpTo: number;
  readonly kg: number;
  /** Room less the unit; null until the rebate is read. */
  readonly spareMm: Mm | null;
  readonly pence: Pence;
  readonly days: number;
};

/** The sheet in the middle of three, mm. */
const METRIC_MIDDLE_MM = 4;
const INCH_MIDDLE_MM = 3.175;

/** Sums of makes in inches differ by less than this, mm. */
const NEAR_MM = 1e-6;

/**
 * Up to four units to choose from: same again, the same coated, coated with argon, and three sheets where they find room.
 * @example 24 mm of 4-16-4 // 2.7, 1.4, 1.2 and 4-6-4-6-4
 */
export function candidatesFor(f: CandidateFacts): readonly Candidate[] {
  const was = f.was ?? { panesMm: [4, 4], cavityMm: 16 };
  const [outer = 4, inner = 4] = [was.panesMm[0], was.panesMm.at(-1)];
  const kind: GlassKind = f.safetyNeeded ? f.safetyKind : "float";
  const sheet = (mm: Mm) => ({ mm: kind === "laminated" ? laminatedFor(mm) : mm, kind });
  const cavity = (mm: Mm, gas: "air" | "argon") => ({ mm, gas, fill: gas === "air" ? 1 : USUAL_FILL });
  // Its colour shows, and is its neighbours': nobody takes one for granted.
  const spacer = NO_SPACER;
  const make = (id: Candidate["id"], name: string, makeup: Makeup): Candidate => {
    const overallMm = makeupOverall(makeup);
    const heat = makeupHeat(makeup);
    const surface = surfaceOf(heat, f.roomC, f.outsideC);
    return {
      id,
      name,
      makeup,
      overallMm,
      heat,
      surfaceC: surface.celsius,
      dryUpTo: surface.dryUpTo,
      kg: makeupMass(makeup, f.widthMm, f.heightMm),
      spareMm: f.roomMm === null ? null : f.roomMm - overallMm,
      pence: unitPence(makeup, areaOfM2((f.widthMm * f.heightMm) / 1e6), f),
      days: f.days,
    };
  };
  // Laminated sheets are thicker: the cavity gives, so that the unit still finds its room.
  const whole = outer + was.cavityMm + inner;
  const left = whole - sheet(outer).mm - sheet(inner).mm;
  const between = left >= was.cavityMm - NEAR_MM ? was.cavityMm : spacerUpTo(left, was.cavityMm, outer);
  const double = (gas: "air" | "argon", coated: boolean): Makeup => ({
    panes: [sheet(outer), sheet(inner)],
    cavities: [cavity(between, gas)],
    coatings: coated ? [{ face: 3, emissivity: f.emissivity }] : [],
    spacer,
  });
  // A third sheet in the middle, of the same make, and the widest spacer that is made and leaves it room.
  const middle = isInchMake(outer) ? INCH_MIDDLE_MM : METRIC_MIDDLE_MM;
  const room = (whole - sheet(outer).mm - sheet(inner).mm - sheet(middle).mm) / 2;
  const third = spacerUpTo(room, was.cavityMm, outer);
  const all = [
    make("same", f.again ? "same again, plain" : "plain", double("air", false)),
    make("coated", "coated", double("air", true)),
    make("argon", "coated, argon", double("argon", true)),
  ];
  if (third <= room + NEAR_MM)
    all.push(
      make("triple", "three sheets, coated, argon", {
        panes: [sheet(outer), sheet(middle), sheet(inner)],
        cavities: [cavity(third, "argon"), cavity(third, "argon")],
        coatings: [2, 5].map((face) => ({ face, emissivity: f.emissivity })),
        spacer,
      }),
    );
  return all;
}

/**
 * Which we would take: the least heat loss of those that find room and cost no more than a quarter above the cheapest.
 * @example plain 60, coated 66, argon 69.60 // argon
 */
export function bestCandidate(
  all: readonly Candidate[],
): { readonly id: Candidate["id"]; readonly because: string } | null {
  const fits = all.filter((c) => c.spareMm === null || c.spareMm >= 0);
  const cheapest = Math.min(...fits.map((c) => c.pence));
  const worth = fits.filter((c) => c.pence <= cheapest * 1.25).sort((a, b) => a.heat - b.heat);
  const [best] = worth;
  if (!best) return null;
  const plain = all.find((c) => c.id === "same");
  const saved = plain && plain.id !== best.id ? plain.heat - best.heat : 0;
  return {
    id: best.id,
    because:
      saved > 0
        ? `It loses ${saved.toFixed(1)} W/m²K less than plain for a tenth or two more money.`
        : "Nothing better finds room for the money.",
  };
}
