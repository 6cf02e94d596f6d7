import { describe, expect, it } from "vitest";
import { farText, SIMULATOR_WORDS } from "./simulator.ts";

const KEYS = ["foot", "head", "hingeSide", "handleSide"] as const;

describe("what the simulator says", () => {
  it.each(["side", "head", "foot"] as const)("held at its %s: four places, each by a name of its own", (held) => {
    for (const side of ["left", "right"] as const) {
      const places = SIMULATOR_WORDS[held].places(side);
      expect(new Set(KEYS.map((k) => places[k])).size).toBe(4);
    }
  });
  it.each(["head", "foot"] as const)("mirrored, left and right change places: %s", (held) => {
    const swap = (text: string) => text.replace(/left|right/g, (w) => (w === "left" ? "right" : "left"));
    const w = SIMULATOR_WORDS[held];
    for (const k of KEYS) expect(w.places("right")[k]).toBe(swap(w.places("left")[k]));
    expect(w.off("3.0", "right")).toBe(swap(w.off("3.0", "left")));
    expect(w.gaps("right")).toEqual(w.gaps("left").map(swap));
  });
  it("says which way, and by how much", () => {
    expect(SIMULATOR_WORDS.side.off(farText(3.6, "mm"), "left")).toBe("The handle hangs 3.6 mm down.");
    expect(SIMULATOR_WORDS.head.off(farText(-7, "mm"), "left")).toBe("Its foot hangs 7 mm to the left.");
    expect(SIMULATOR_WORDS.side.wrong(farText(5.94, "in"))).toContain('15/64"');
    expect(SIMULATOR_WORDS.foot.over("2 mm", "left")).toContain("to the right");
  });
});
