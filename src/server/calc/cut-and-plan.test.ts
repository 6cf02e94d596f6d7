import { describe, expect, it } from "vitest";
import { CalcCriticalPath, CriticalPathAnswer } from "../../contract/calc-critical-path.ts";
import { CalcSashMass, SashMassAnswer } from "../../contract/calc-sash-mass.ts";
import { CalcScore, ScoreAnswer } from "../../contract/calc-score.ts";
import type { Outcome } from "../http/endpoint.ts";
import { calcCriticalPath, calcSashMass, calcScore } from "./cut-and-plan.ts";

const value = <T>(outcome: Outcome<T>): T => {
  if (!outcome.ok) throw new Error(outcome.error.message);
  return outcome.value;
};
const said = (outcome: Outcome<unknown>) => (outcome.ok ? "" : outcome.error.message);
const sash = (raw: object) => calcSashMass(CalcSashMass.input?.parse(raw) as never);
const score = (raw: object) => calcScore(CalcScore.input?.parse(raw) as never);
const path = (raw: object) => calcCriticalPath(CalcCriticalPath.input?.parse(raw) as never);

describe("asked from outside, as each example says", () => {
  it("a sash by its members: 2.5624 kg of timber, 516 × 816 × 4 mm of glass", () => {
    const a = SashMassAnswer.parse(value(sash(CalcSashMass.example?.in ?? {})));
    expect([a.timberKg, a.glassKg].map((kg) => kg.toFixed(4))).toEqual(["2.5624", "4.2106"]);
    expect(a.kg).toBeCloseTo(a.timberKg + a.glassKg, 9);
    expect([a.sight.width.text, a.sight.height.text]).toEqual(["500 mm", "800 mm"]);
  });
  it("a unit weighs what its sheets weigh", () => {
    const a = value(
      sash({
        ...CalcSashMass.example?.in,
        glass: { width: "500", height: "800", panes: ["4", "4"] },
        addedKg: 0.5,
        timber: "hardwood",
      }),
    );
    expect(a.glassKg).toBeCloseTo(8, 9);
    expect(a.kg).toBeCloseTo(2.5624 * 1.3 + 8.5, 9);
  });
  it("scores in inches: straightedge by the cutter's offset of 3/32", () => {
    const a = ScoreAnswer.parse(
      value(
        score({
          unit: "in",
          sheet: { width: "36", height: "48" },
          pane: { width: "23 1/2", height: "35 5/16" },
          thickness: "1/8",
          offset: "3/32",
        }),
      ),
    );
    // 12 1/2 × 48 is 600 in², 36 × 12 11/16 is 456.75: width first.
    expect(a.scores.map((s) => [s.cuts, s.straightedge.datumSide.text, s.straightedge.farSide.text])).toEqual([
      ["width", '23 13/32"', '23 19/32"'],
      ["height", '35 7/32"', '35 13/32"'],
    ]);
  });
  it("a plan over a week and a holiday", () => {
    const a = CriticalPathAnswer.parse(
      value(path({ ...(CalcCriticalPath.example?.in as object), daysOff: ["2026-05-25"] })),
    );
    // Ordered on Monday 18; five working days from Tuesday are 19 to 22 and 26; set on the 27th; skins from the 28th.
    expect(a.tasks.map((t) => t.earliest.start)).toEqual(["2026-05-18", "2026-05-27", "2026-05-28"]);
    expect([a.end, a.critical]).toEqual(["2026-06-03", ["order", "set", "skins"]]);
  });
  it.each<[string, Outcome<unknown>, RegExp]>([
    ["members that meet", sash({ ...CalcSashMass.example?.in, stile: "300" }), /take up the whole sash/],
    ["a rebate through", sash({ ...CalcSashMass.example?.in, rebateWidth: "40" }), /cut through the timber/],
    [
      "a strip",
      score({ sheet: { width: "611", height: "900" }, pane: { width: "600", height: "900" }, thickness: "4" }),
      /What is cut off is a strip of 11 mm: narrower than 12 mm/,
    ],
    [
      "too large",
      score({ sheet: { width: "500", height: "900" }, pane: { width: "600", height: "900" }, thickness: "4" }),
      /100 mm more than the sheet's/,
    ],
    ["a circle", path({ from: "2026-05-18", tasks: [{ id: "a", days: 1, after: [{ id: "a" }] }] }), /in a circle/],
    [
      "too soon",
      path({ from: "2026-05-18", by: "2026-05-18", tasks: [{ id: "a", days: 2 }] }),
      /cannot be done before 2026-05-19/,
    ],
    [
      "no days worked",
      path({ from: "2026-05-18", workingWeekdays: [], tasks: [{ id: "a", days: 1 }] }),
      /no working day/,
    ],
  ])("%s is refused in words", (_, outcome, says) => expect(said(outcome)).toMatch(says));
});
