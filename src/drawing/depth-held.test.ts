import { describe, expect, it } from "vitest";
import { OPENING, PLACES, SIGHT } from "../core/measure/places.ts";
import { depthHeld } from "./depth-held.ts";

/** Every y of a path, least and most. */
const spanY = (d: string): readonly [number, number] => {
  const ys = [...d.matchAll(/[ML]\S+ (\d+)/g)].map((m) => Number(m[1]));
  return [Math.min(...ys), Math.max(...ys)];
};

describe("a depth is shown where the tape is held", () => {
  it("the rebate's depth goes from the sight line to its floor; the glass ends above it", () => {
    const [rebate, goesIn] = [depthHeld("rebate-depth"), depthHeld("goes-in")];
    if (!rebate || !goesIn) throw new Error("both are drawn");
    expect(spanY(rebate.held)[0]).toBe(spanY(goesIn.held)[0]);
    expect(spanY(rebate.held)[1]).toBeGreaterThan(spanY(goesIn.held)[1]);
    expect(spanY(goesIn.held)[1]).toBe(spanY(goesIn.glass)[1]);
  });
  it("a guess at the depth is held as the depth is", () =>
    expect(depthHeld("cover-guess")).toEqual(depthHeld("rebate-depth")));
  it("its width goes across", () => expect(depthHeld("rebate-width")?.held).toMatch(/^M18 82L78 82/));
  it.each([...OPENING, SIGHT[0], SIGHT[1]])("%s is shown in elevation", (p) => expect(depthHeld(p)).toBeNull());
  it("no other reading is", () => expect(PLACES.filter((p) => depthHeld(p))).toHaveLength(4));
});
