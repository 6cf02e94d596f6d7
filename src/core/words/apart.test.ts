import { describe, expect, it } from "vitest";
import { PANE, uuid } from "../../../tests/support/told.ts";
import { settledAllAs, settledAs, writersApart } from "../log/apart.ts";
import type { Entry } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";
import { apartWords } from "./apart.ts";

const entry = (n: number, who: string, at: string, kind: string, payload: object): Entry =>
  ({
    id: uuid(n),
    who,
    at: `2026-05-20T${at}:00.000Z`,
    about: { pane: PANE },
    kind,
    payload,
    seen: [],
  }) as unknown as Entry;
const READ = { place: "width-top", unit: "mm" };
const WANTS = { by: null, mustLock: false, minds: "" };

describe("two answers to one thing, as somebody is told of them", () => {
  it("says who wrote what, and which stands for now", () => {
    const { apart } = readLog([
      entry(1, "Bram", "10:02", "measure.reading", { ...READ, text: "611" }),
      entry(2, "Nell", "10:40", "measure.reading", { ...READ, text: "613" }),
    ]);
    const [first] = apart;
    if (!first) throw new Error("nothing stood apart");
    const words = apartWords(first, { unit: "mm", dialect: "a" });
    expect(words.says).toBe(
      "Bram wrote at 10:02 and Nell at 10:40; neither had seen the other’s. For now Nell’s stands.",
    );
    expect(words.choices.map((c) => [c.says, c.by])).toEqual([
      ["width, top: 611 mm", "Bram’s"],
      ["width, top: 613 mm", "Nell’s"],
    ]);
  });
  it.each([
    ["mm", ["width, top: 605.5 mm", "width, top: 23 13/16 (604.8 mm)"]],
    // 605.5 / 25.4 is 23.839, nearest mark 27/32 (0.844).
    ["in", ["width, top: 605.5 mm (23 27/32 in)", "width, top: 23 13/16"]],
  ] as const)("holds lengths of both units side by side, to somebody in %s", (unit, says) => {
    const { apart } = readLog([
      entry(1, "Bram", "10:02", "measure.reading", { ...READ, text: "605.5" }),
      entry(2, "Nell", "10:40", "measure.reading", { place: "width-top", unit: "in", text: "23 13/16" }),
    ]);
    expect(apart[0] && apartWords(apart[0], { unit, dialect: "a" }).choices.map((c) => c.says)).toEqual(says);
  });
  it("all of them as one of the two wrote them: an entry a thing, and what the other alone wrote stays", () => {
    const log = readLog([
      entry(1, "Bram", "10:02", "measure.reading", { ...READ, text: "611" }),
      entry(2, "Bram", "10:03", "look.wants", { by: "2026-06-01", mustLock: true, minds: "the dog" }),
      entry(3, "Nell", "10:40", "measure.reading", { ...READ, text: "613" }),
      entry(4, "Nell", "10:41", "look.wants", { by: "2026-06-02", mustLock: false, minds: "the cat" }),
      entry(5, "Nell", "10:42", "measure.reading", { ...READ, place: "height-left", text: "900" }),
    ]);
    expect(writersApart(log.apart)).toEqual(["Nell", "Bram"]);
    expect(settledAllAs(log.standing, log.apart, "Bram").map(({ as, payload }) => [as.kind, payload])).toEqual([
      ["measure.reading", { ...READ, text: "611" }],
      ["look.wants", { by: "2026-06-01", mustLock: true, minds: "the dog" }],
    ]);
    expect(settledAllAs(log.standing, log.apart, "Ada")).toEqual([]);
  });
  it("of one person on two devices there is nobody to choose between", () => {
    const { apart } = readLog([
      entry(1, "Nell", "10:02", "look.cause", { cause: "hail" }),
      entry(2, "Nell", "10:40", "look.cause", { cause: "impact" }),
    ]);
    expect(writersApart(apart)).toEqual([]);
  });
  it("says of one writer that it was on another device", () => {
    const { apart } = readLog([
      entry(1, "Nell", "10:02", "look.cause", { cause: "hail" }),
      entry(2, "Nell", "10:40", "look.cause", { cause: "impact" }),
    ]);
    expect(apart[0] && apartWords(apart[0], { unit: "mm", dialect: "a" }).says).toBe(
      "Nell wrote at 10:02 and at 10:40 on another device; neither had the other’s. For now the second stands.",
    );
  });
  it("settling one field leaves what the other person said of the rest", () => {
    const log = readLog([
      entry(1, "Bram", "10:02", "look.wants", { ...WANTS, minds: "the dog", mustLock: true }),
      entry(2, "Nell", "10:40", "look.wants", { ...WANTS, minds: "the cat", by: "2026-06-01" }),
    ]);
    const [first] = log.apart;
    expect(first?.field).toBe("minds");
    expect(first && settledAs(log.standing, first, first.earlier)).toEqual({
      by: "2026-06-01",
      mustLock: true,
      minds: "the dog",
    });
  });
});
