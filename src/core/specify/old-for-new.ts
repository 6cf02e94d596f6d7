import type { Mm } from "../units/length.ts";
import { paneMass } from "./mass.ts";

/** What a change of thickness does to one pane of this size. */
export type OldForNew = {
  readonly fromMm: Mm;
  readonly toMm: Mm;
  /** Through the rebate, mm; less than nothing gains room. */
  readonly deeperMm: Mm;
  /** Kilograms more; less than nothing is lighter. */
  readonly heavierKg: number;
  readonly fromKg: number;
  readonly toKg: number;
  /** The old one was thinner than is usual now. */
  readonly wasThin: boolean;
};

/**
 * The old thickness against the new: room, mass, and whether the old was thinner than the house's least.
 * @example 600 × 900, 3 mm was there, 4 mm goes in // 1 mm deeper, 1.35 kg heavier: 4.05 to 5.40
 */
export function oldForNew(unit: {
  readonly widthMm: Mm;
  readonly heightMm: Mm;
  readonly oldMm: Mm;
  readonly newMm: Mm;
  readonly leastMm: Mm;
}): OldForNew {
  const [fromKg, toKg] = [
    paneMass(unit.widthMm, unit.heightMm, [unit.oldMm]),
    paneMass(unit.widthMm, unit.heightMm, [unit.newMm]),
  ];
  return {
    fromMm: unit.oldMm,
    toMm: unit.newMm,
    deeperMm: unit.newMm - unit.oldMm,
    heavierKg: toKg - fromKg,
    fromKg,
    toKg,
    wasThin: unit.oldMm < unit.leastMm - 0.25,
  };
}
