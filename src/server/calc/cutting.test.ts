import { describe, expect, it } from "vitest";
import { CalcCutting } from "../../contract/calc-cutting.ts";
import { PostLayOut } from "../../contract/plan.ts";
import { calcCutting } from "./cutting.ts";
import { layOutWeek } from "./lay-out.ts";

const ask = (over: object) => {
  const done = calcCutting(
    CalcCutting.input?.parse({
      sheets: [{ id: "s", width: 1000, height: 800, cost: 30 }],
      pieces: [{ id: "a", width: 500, height: 400, count: 4 }],
      rounds: 200,
      ...over,
    }) as never,
  );
  if (!done.ok) throw new Error(done.error.message);
  return CalcCutting.output.parse(done.value);
};

describe("cutting by a request", () => {
  it("four quarters of a sheet, three cuts, nothing left", () => {
    const a = ask({});
    expect([a.cost, a.bound, a.proved, a.strip, a.sheets.length]).toEqual([30, 30, true, 12, 1]);
    expect(a.sheets[0]?.cuts).toHaveLength(3);
    expect(a.sheets[0]?.remnants).toEqual([]);
    expect(a.sheets[0]?.placements.map((p) => [p.x, p.y]).sort()).toEqual([
      [0, 0],
      [0, 400],
      [500, 0],
      [500, 400],
    ]);
  });
  it("places count the trim, and inches that are no whole millimetres stay exact", () => {
    const a = ask({
      sheets: [{ id: "s", width: 1000, height: 800, trim: 10 }],
      pieces: [{ id: "a", width: 596.9, height: 780, turns: false }],
    });
    expect(a.sheets[0]?.placements).toEqual([{ piece: "a", turned: false, x: 10, y: 10, width: 596.9, height: 780 }]);
    expect(a.sheets[0]?.remnants[0]).toMatchObject({ kept: true, width: 383.1, height: 780 });
  });
  it("the strip goes by the thickness where none is given", () => {
    expect(ask({ thickness: 6 }).strip).toBe(18);
    expect(ask({ strip: 25 }).strip).toBe(25);
  });
  it("a sheet that is all trim is refused in words", () => {
    const done = calcCutting(
      CalcCutting.input?.parse({
        sheets: [{ id: "s", width: 20, height: 800, trim: 10 }],
        pieces: [{ id: "a", width: 5, height: 5 }],
      }) as never,
    );
    expect(done).toMatchObject({ ok: false, error: { code: "all-trim" } });
  });
  it("the published example is as it says", () => {
    expect(ask({ ...CalcCutting.example?.in })).toMatchObject(CalcCutting.example?.out as object);
  });
});

it("a week by a request: the published example is as it says", () => {
  const { value } = layOutWeek(PostLayOut.input?.parse(PostLayOut.example?.in) as never) as { value: unknown };
  expect(PostLayOut.output.parse(value)).toMatchObject(PostLayOut.example?.out as object);
});
