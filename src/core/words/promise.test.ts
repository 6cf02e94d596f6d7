import { describe, expect, it } from "vitest";
import type { CountedPromise } from "../pane/promise.ts";
import { dayOf } from "../units/day.ts";
import { keptText, keptTone, promisedText, promiseWords } from "./promise.ts";

const TODAY = dayOf("2026-05-20");
const P: CountedPromise = {
  pane: "p",
  where: "No. 5",
  day: dayOf("2026-06-03"),
  asked: "wanted",
  fitBy: dayOf("2026-06-01"),
  planned: null,
  restsOn: { kind: "glass", supplier: "Salt Lane", orders: 9, due: dayOf("2026-06-01") },
  right: 0.95,
  chance: 0.76,
};

describe("a promise in words", () => {
  it.each<[string, Partial<CountedPromise>, string, string, string]>([
    [
      "glass on its way",
      {},
      "76%",
      "fair",
      "Glass from Salt Lane, due Mon 1 Jun: by their 9 orders so far. 5.0% of theirs goes back. It has no day on the plan: fit it by Mon 1 Jun.",
    ],
    [
      "not ordered, on a word alone, planned in time",
      { restsOn: { kind: "not-ordered", supplier: "Fen End", orders: 0 }, planned: dayOf("2026-05-29"), chance: 0.4 },
      "40%",
      "poor",
      "Not ordered yet: if it goes to Fen End today, by their word alone. 5.0% of theirs goes back. Planned for Fri 29 May.",
    ],
    [
      "here, and planned too late",
      { restsOn: { kind: "here" }, right: 1, planned: dayOf("2026-06-02"), chance: 0 },
      "not kept",
      "poor",
      "The glass is here. The plan has it on Tue 2 Jun: it must be in by Mon 1 Jun.",
    ],
    [
      "here, in time",
      { restsOn: { kind: "here" }, right: 1, planned: dayOf("2026-05-21"), chance: 1 },
      "all but sure",
      "sure",
      "The glass is here. Planned for Thu 21 May.",
    ],
    [
      "in",
      { restsOn: { kind: "set", until: dayOf("2026-05-22") }, right: 1, chance: 1 },
      "kept",
      "sure",
      "It is in, and stays as it is until Fri 22 May.",
    ],
    [
      "nothing known, its day past",
      { restsOn: { kind: "nobody" }, right: 1, chance: null, day: dayOf("2026-05-18"), fitBy: dayOf("2026-05-18") },
      "nobody can say",
      "fair",
      "No size yet, or nobody on the list who makes it. Its day is past: agree on another.",
    ],
  ])("%s", (_, over, kept, tone, says) => {
    const p = { ...P, ...over };
    expect([keptText(p), keptTone(p), promiseWords(p, TODAY)]).toEqual([kept, tone, says]);
  });
  it("says who counts on it", () => {
    expect(promisedText(P)).toBe("wanted by Wed 3 Jun");
    expect(promisedText({ ...P, asked: "told" })).toBe("they were told Wed 3 Jun");
  });
});
