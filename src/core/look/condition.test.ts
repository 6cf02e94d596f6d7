import { describe, expect, it } from "vitest";
import { type Member, mendingOf } from "./condition.ts";

describe("what mending the members takes", () => {
  const mend = (fault?: Member["fault"]): Member => ({ state: "mend", fault });
  it.each<[string, readonly Member[], readonly string[], number, number]>([
    ["nobody looked", [], [], 0, 0],
    ["all sound", [{ state: "sound" }, { state: "sound" }], [], 0, 0],
    ["mended, nobody said what", [mend()], [], 0, 0],
    // 10 to begin and 20 for the one.
    ["rot at the foot", [mend("rot")], ["rot"], 30, 24],
    // 10 + 20, and 15 + 2 × 15; the drying runs side by side.
    ["rot, and two opened joints", [mend("joint"), mend("rot"), mend("joint")], ["rot", "joint"], 75, 24],
    ["chewed at one corner", [mend("chewed")], ["chewed"], 10, 12],
    // 10 + 4 × 10, and no waiting.
    ["thick paint all round", [1, 2, 3, 4].map(() => mend("thick-paint")), ["thick-paint"], 50, 0],
    // 10 + 15, and nothing to dry: it is primed with the rest.
    ["rust at the foot of a steel casement", [mend("rust")], ["rust"], 25, 0],
    ["past it is not mended", [{ state: "not-worth", fault: "rot" }], [], 0, 0],
  ])("%s", (_, members, faults, minutes, driesHours) =>
    expect(mendingOf(members)).toEqual({ faults, minutes, driesHours }),
  );
});
