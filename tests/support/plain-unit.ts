import type { Makeup } from "../../src/core/specify/makeup.ts";

type Of = {
  readonly outer: Makeup["panes"][number];
  readonly inner: Makeup["panes"][number];
  readonly cavityMm: number;
  readonly spacer: string;
};

/** A unit of two sheets without a coating. @example plainUnit({ cavityMm: 20 }) // 4 - 20 - 4, air, clear float */
export const plainUnit = (given: Partial<Of> = {}): Makeup => ({
  panes: [given.outer ?? { mm: 4, kind: "float" }, given.inner ?? { mm: 4, kind: "float" }],
  cavities: [{ mm: given.cavityMm ?? 16, gas: "air", fill: 1 }],
  coatings: [],
  spacer: given.spacer ?? "",
});
