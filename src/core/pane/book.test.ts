import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { LEANING, ORDER, ORDER_LINE, PANE, ROUND, Teller, uuid } from "../../../tests/support/told.ts";
import type { Entry } from "../log/kinds.ts";
import { readLog } from "../log/standing-entries.ts";
import { foldPane, type PaneBook } from "./book.ts";
import { foldOrder, orderStage, standingLines } from "./order-book.ts";

const book = (t: Teller): PaneBook => {
  const found = foldPane(PANE, t.entries);
  if (!found) throw new Error("no pane");
  return found;
};
const onOrder = (t: Teller) => {
  t.tell("order.opened", { supplier: "Salt Lane", reference: "OR-1" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
  return t;
};

describe("a pane's book", () => {
  it("does not exist until somebody adds the pane", () =>
    expect(foldPane(PANE, new Teller().opened().entries)).toBeUndefined());

  it("keeps a reading as it was written beside its exact value", () => {
    const b = book(new Teller().added().read({ "width-top": "23 11/16+", "width-middle": "23 1?/16" }, "in"));
    expect(b.readings["width-top"]).toMatchObject({
      text: "23 11/16+",
      unit: "in",
      read: { ok: true, value: { exact: 601_662_500 } },
    });
    expect(b.readings["width-middle"]).toMatchObject({ text: "23 1?/16", read: { ok: false } });
  });

  it("keeps each material that was used, and of each snag what was said last", () => {
    const used = (what: string) => ({ what, batch: "", expiry: null });
    const t = new Teller().added().also("set.material", used("linseed putty")).also("set.material", used("sprigs"));
    const snag = (id: string, done: boolean) =>
      t.tell("signoff.snag", { snag: id, says: `snag ${id}`, due: null, done });
    snag("a", false);
    snag("b", false);
    snag("a", true);
    t.tell("signoff.signed", { day: "2026-05-20", told: true });
    const b = book(t);
    expect(b.materials).toEqual([used("linseed putty"), used("sprigs")]);
    expect(b.snags.map((s) => [s.snag, s.done])).toEqual([
      ["a", true],
      ["b", false],
    ]);
    expect(b.signed).toEqual({ day: "2026-05-20", told: true, who: "Nell" });
  });

  it("the newest reading of a place counts, and an empty one takes it out", () => {
    const t = new Teller().added().read({ "width-top": "612" }).read({ "width-top": "613" });
    expect(book(t).readings["width-top"]?.text).toBe("613");
    t.read({ "width-top": " " });
    expect(book(t).readings["width-top"]).toBeUndefined();
  });

  it("takes corrections without losing what was not corrected", () => {
    const t = new Teller().added();
    t.tell("pane.corrected", { system: "cassette" });
    t.tell("pane.corrected", { address: "No. 6" });
    expect(book(t).added).toMatchObject({ address: "No. 6", system: "cassette", opening: "back bedroom" });
  });

  it("steps are ticked, skipped with a reason, and opened again", () => {
    const t = new Teller().added();
    t.tell("step.marked", { station: "takeout", step: "sheet", state: "done", reason: "" });
    t.tell("step.marked", { station: "takeout", step: "mark", state: "skipped", reason: "symmetrical" });
    expect([...book(t).steps]).toMatchObject([
      ["takeout/sheet", { state: "done", who: "Nell" }],
      ["takeout/mark", { reason: "symmetrical" }],
    ]);
    t.tell("step.marked", { station: "takeout", step: "sheet", state: "open", reason: "" });
    expect(book(t).steps.has("takeout/sheet")).toBe(false);
  });

  it("a hole is closed until the closing comes off, and can be closed again", () => {
    const t = new Teller().added();
    const close = { how: "board", since: "2026-05-04", until: "2026-05-08", told: "" };
    t.tell("look.closed", close);
    expect(book(t).closed).toEqual(close);
    t.tell("look.opened", { day: "2026-05-05" });
    expect(book(t).closed).toBeNull();
    t.tell("look.closed", { ...close, how: "insulation" });
    expect(book(t).closed?.how).toBe("insulation");
  });

  it("an overruled size holds until it is dropped", () => {
    const t = new Teller().added();
    t.tell("size.overruled", {
      width: { text: "600", unit: "mm" },
      height: { text: "890", unit: "mm" },
      reason: "paint",
    });
    expect(book(t).overrule?.reason).toBe("paint");
    t.tell("size.overrule-dropped", {});
    expect(book(t).overrule).toBeNull();
    t.tell("size.overruled", {
      width: { text: "604", unit: "mm" },
      height: { text: "896", unit: "mm" },
      reason: "again",
    });
    expect(book(t).overrule?.reason).toBe("again");
  });

  it("is the same in whatever order its entries arrive", () => {
    const t = onOrder(new Teller().added().read(LEANING));
    t.tell("look.damage", { damage: ["cracked"] });
    t.tell("set.done", { day: "2026-05-06", compound: "linseed", sprigs: 18 });
    const strike = t.strike(t.entries[3] as Entry);
    t.strike(strike as unknown as Entry);
    const said = JSON.stringify(book(t));
    fc.assert(
      fc.property(fc.shuffledSubarray([...t.entries, ...t.entries], { minLength: 2 * t.entries.length }), (any) => {
        expect(JSON.stringify(foldPane(PANE, any))).toBe(said);
      }),
      { numRuns: 40 },
    );
  });
});

describe("an order's book", () => {
  const fold = (t: Teller) => {
    const order = foldOrder(ORDER, readLog(t.entries));
    if (!order) throw new Error("no order");
    return order;
  };
  it("goes from open to sent, arrived and checked", () => {
    const t = onOrder(new Teller().added());
    const stages = [orderStage(fold(t))];
    t.tell("order.sent", { day: "2026-05-05", due: "2026-05-07" }, { order: ORDER });
    stages.push(orderStage(fold(t)));
    t.tell("order.arrived", { day: "2026-05-07" }, { order: ORDER });
    stages.push(orderStage(fold(t)));
    t.tell(
      "order.checked",
      {
        line: ORDER_LINE.line,
        width: { text: "608", unit: "mm" },
        height: { text: "900", unit: "mm" },
        verdict: "accepted",
        reason: "",
      },
      { order: ORDER, pane: PANE },
    );
    stages.push(orderStage(fold(t)));
    expect(stages).toEqual(["open", "sent", "arrived", "checked"]);
    expect(book(t).line?.line.state).toBe("accepted");
  });
  it("a line that was dropped no longer counts, and the pane is free for another", () => {
    const t = onOrder(new Teller().added());
    t.tell("order.line-dropped", { line: ORDER_LINE.line, reason: "size changed" }, { order: ORDER });
    expect(standingLines(fold(t))).toEqual([]);
    expect(book(t).line).toBeNull();
    t.tell("order.line", { ...ORDER_LINE, line: uuid(0xd1), widthNm: 607_000_000 }, { order: ORDER, pane: PANE });
    expect(book(t).line?.line.widthNm).toBe(607_000_000);
  });
  it("is not there while nobody opened it", () =>
    expect(foldOrder(ORDER, readLog(new Teller().opened().entries))).toBeUndefined());
  it("keeps the round out of it", () => expect(book(new Teller().opened().added()).added.round).toBe(ROUND));
});

describe("the line that counts", () => {
  const ordered = (t: Teller, order: string, line: string) => {
    t.tell("order.opened", { supplier: order, reference: "" }, { order });
    t.tell("order.line", { ...ORDER_LINE, line }, { order, pane: PANE });
  };
  const [first, second] = [uuid(0xc1), uuid(0xc2)];
  it("is none while it is on no order", () => expect(book(new Teller().added()).line).toBeNull());
  it("is the newest, whichever order was opened first", () => {
    const t = new Teller().added();
    ordered(t, first, uuid(0xd1));
    ordered(t, second, uuid(0xd2));
    expect(book(t).line?.line.line).toBe(uuid(0xd2));
    t.tell("order.line", { ...ORDER_LINE, line: uuid(0xd3) }, { order: first, pane: PANE });
    expect(book(t).line?.line.line).toBe(uuid(0xd3));
  });
  it("is the one before, once the newest was dropped; none once all were", () => {
    const t = new Teller().added();
    ordered(t, first, uuid(0xd1));
    ordered(t, second, uuid(0xd2));
    t.tell("order.line-dropped", { line: uuid(0xd2), reason: "" }, { order: second });
    expect(book(t).line?.line.line).toBe(uuid(0xd1));
    t.tell("order.line-dropped", { line: uuid(0xd1), reason: "" }, { order: first });
    expect(book(t).line).toBeNull();
  });
  it("is never another pane's on the same order", () => {
    const t = new Teller().added();
    ordered(t, first, uuid(0xd1));
    t.tell("order.line", { ...ORDER_LINE, line: uuid(0xd4) }, { order: first, pane: uuid(0xb9) });
    expect(book(t).line?.line.line).toBe(uuid(0xd1));
  });
});

describe("how it is measured", () => {
  it.each([
    ["nobody said anything: wall to wall", [], "rebate"],
    ["an insert was chosen: over its frame", [["look.option", { option: "insert", reason: "" }]], "insert-outside"],
    ["a new sash was chosen: over the old one", [["look.option", { option: "sash", reason: "" }]], "sash-outside"],
    ["a whole window was chosen: the hole", [["look.option", { option: "window", reason: "" }]], "window-hole"],
    [
      "wall to wall, and then a new sash chosen",
      [
        ["measure.way", { way: "rebate" }],
        ["look.option", { option: "sash", reason: "" }],
      ],
      "sash-outside",
    ],
    [
      "a new sash chosen, and then wall to wall said",
      [
        ["look.option", { option: "sash", reason: "" }],
        ["measure.way", { way: "rebate" }],
      ],
      "rebate",
    ],
    [
      "said to be read inside it, before or after",
      [
        ["measure.way", { way: "insert-inside" }],
        ["look.option", { option: "insert", reason: "" }],
      ],
      "insert-inside",
    ],
    [
      "new glass after all",
      [
        ["look.option", { option: "insert", reason: "" }],
        ["look.option", { option: "glass", reason: "cheaper" }],
      ],
      "rebate",
    ],
  ] as const)("%s", (_, told, way) => {
    const t = new Teller().added();
    for (const [kind, payload] of told) t.tell(kind, payload);
    expect(foldPane(PANE, t.entries)?.way).toBe(way);
  });
});
