import { describe, expect, it } from "vitest";
import { compatible } from "./touches.ts";

describe("what may touch what", () => {
  it.each([
    ["linseed", ["unit"], "no"],
    ["linseed", ["laminated"], "no"],
    ["linseed", ["bare-timber"], "care"],
    ["linseed", [], "yes"],
    ["acetoxy", ["unit", "aluminium"], "no"],
    ["silicone", ["laminated", "unit", "plastic", "aluminium"], "yes"],
    ["tape", ["film"], "care"],
    ["solvent", ["plastic"], "no"],
    ["two-part", ["unit"], "no"],
    ["acrylic", ["toughened"], "yes"],
    ["metal-casement", ["aluminium"], "care"],
    ["metal-casement", ["bare-timber"], "no"],
    ["metal-casement", ["unit", "aluminium"], "no"],
    ["tape-and-sealant", ["unit", "plastic"], "yes"],
    ["gasket", ["unit", "laminated", "plastic"], "yes"],
  ] as const)("%s with %o: %s", (setting, against, says) => {
    const got = compatible(setting, against);
    expect(got.says).toBe(says);
    expect(got.because.length > 0).toBe(says !== "yes");
  });
});
