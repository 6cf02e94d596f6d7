import { describe, expect, it } from "vitest";
import { type Holder, holderSays } from "./holder.ts";

describe("what has the pane", () => {
  const ground = { storey: 0, heavy: false, broken: false };
  it.each<[string, readonly Holder[], Partial<typeof ground>, RegExp | null]>([
    ["nothing said", [], {}, /Say what has it/],
    ["one hand on the ground", ["hand"], {}, null],
    ["one hand upstairs", ["hand"], { storey: 1 }, /Upstairs/],
    ["tape upstairs", ["tape"], { storey: 1 }, null],
    ["hand and tape upstairs", ["hand", "tape"], { storey: 2 }, null],
    ["the bond alone", ["bond"], {}, /all at once/],
    ["the bond, and tape", ["bond", "tape"], {}, null],
    ["heavy, on tape", ["tape"], { heavy: true }, /Too heavy/],
    ["heavy, a helper", ["helper"], { heavy: true, storey: 1 }, null],
    ["holed, one hand", ["hand"], { broken: true }, /come apart/],
    ["holed, flat on the bench", ["lying"], { broken: true, heavy: true }, null],
  ])("%s", (_, held, over, says) => {
    const said = holderSays(held, { ...ground, ...over });
    if (says === null) expect(said).toBeNull();
    else expect(said).toMatch(says);
  });
});
