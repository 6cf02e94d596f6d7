import { describe, expect, it } from "vitest";
import { type OldGlass, sashGain, takenText } from "./sash-gain.ts";

const old = (kg: number, isRead = true, sheetsMm: readonly number[] = [3]): OldGlass => ({ kg, isRead, sheetsMm });

describe("what a sash gains by its new glass", () => {
  it.each([
    ["one sheet gives way to a unit", 8.13, 3.69, 4.44],
    ["a thick sheet gives way to a thin one", 5.4, 8.1, -2.7],
    ["no cord notices", 5.5, 5.4, null],
    ["just enough", 5.75, 5.4, 0.35],
  ] as const)("%s", (_, now, was, gains) => {
    const gain = sashGain(now, old(was));
    if (gains === null) expect(gain).toBeNull();
    else expect(gain?.kg).toBeCloseTo(gains, 9);
  });
  it("says what nobody read", () => {
    expect(takenText(old(3.7, false))).toBe("The old {pane} is taken as 3 mm of glass: nobody read it.");
    expect(takenText(old(3.7, false, [4, 4]))).toBe(
      "The old {pane} is taken as 4 mm and 4 mm of glass: nobody read it.",
    );
    expect(takenText(old(3.7))).toBe("");
  });
});
