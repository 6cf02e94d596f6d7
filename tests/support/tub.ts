import type { OwnCompound } from "../../src/core/bed/compound.ts";

/** A firm's own putty, as the label on its tub says. */
export const TUB: OwnCompound = {
  name: "Tub 7",
  like: "linseed",
  handsOffHours: 24,
  leastDays: 10,
  mostDays: 20,
  leastC: 8,
  dryBefore: 2,
  primeRebate: true,
};
