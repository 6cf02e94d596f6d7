import type { Makeup } from "../../src/core/specify/makeup.ts";

type Of = {
  readonly outer: Makeup["panes"][number];
  readonly inner: Makeup["panes"][number];
  readonly cavityMm: number;
  readonly spacer: string;
};

/** A unit of two sheets without a coating. @example plainUnit({ cavityMm: 20 }) // 4 - 20 - 4, air, clear float */
export const plainUnit = (of: Partial<Of> = {}): Makeup => ({
  panes: [of.outer ?? { mm: 4, kind: "float" }, of.inner ?? { mm: 4, kind: "float" }],
  cavities: [{ mm: of.cavityMm ?? 16, gas: "air", fill: 1 }],
  coatings: [],
  spacer: of.spacer ?? "",
});
