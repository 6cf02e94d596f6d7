import { describe, expect, it } from "vitest";
import { inTurn } from "./in-turn.ts";

describe("pages made in turn", () => {
  it.each([
    [1, 5],
    [2, 7],
    [3, 2],
  ])("%i at a time of %i, in the order they came", async (most, many) => {
    const turn = inTurn(most);
    let busy = 0;
    let mostBusy = 0;
    const began: number[] = [];
    await Promise.all(
      Array.from({ length: many }, (_, i) =>
        turn(async () => {
          began.push(i);
          mostBusy = Math.max(mostBusy, ++busy);
          await new Promise((on) => setTimeout(on, 1));
          busy--;
        }),
      ),
    );
    expect(mostBusy).toBe(Math.min(most, many));
    expect(began).toEqual(Array.from({ length: many }, (_, i) => i));
  });
  it("one that fails gives its place on", async () => {
    const turn = inTurn(1);
    const all = await Promise.allSettled([
      turn(async () => {
        throw new Error("broken");
      }),
      turn(async () => "whole"),
    ]);
    expect(all.map((a) => a.status)).toEqual(["rejected", "fulfilled"]);
    expect(await turn(async () => "after")).toBe("after");
  });
});
