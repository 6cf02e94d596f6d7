import { describe, expect, it } from "vitest";
import { madeOnce } from "./made-once.ts";

/** Makes what it is told to, and counts. */
function maker() {
  const asked: string[] = [];
  const open: (() => void)[] = [];
  const make = (what: string) => () =>
    new Promise<string>((yes, no) => {
      asked.push(what);
      open.push(() => (what === "broken" ? no(new Error("broken")) : yes(what)));
    });
  return { asked, make, finish: () => open.splice(0).forEach((o) => void o()) };
}

describe("a page that several ask for at once", () => {
  it("is made once, and each gets it", async () => {
    const { asked, make, finish } = maker();
    const once = madeOnce<string>();
    const all = ["round", "round", "orders", "round"].map((k) => once(k, make(k)));
    finish();
    expect(await Promise.all(all)).toEqual(["round", "round", "orders", "round"]);
    expect(asked).toEqual(["round", "orders"]);
  });
  it("is made anew for who comes after", async () => {
    const { asked, make, finish } = maker();
    const once = madeOnce<string>();
    const first = once("round", make("round"));
    finish();
    await first;
    const second = once("round", make("round"));
    finish();
    await second;
    expect(asked).toEqual(["round", "round"]);
  });
  it("that breaks, breaks for all who waited, and is tried again for the next", async () => {
    const { asked, make, finish } = maker();
    const once = madeOnce<string>();
    const both = [once("a", make("broken")), once("a", make("broken"))];
    finish();
    for (const one of await Promise.allSettled(both)) expect(one.status).toBe("rejected");
    const next = once("a", make("whole"));
    finish();
    expect(await next).toBe("whole");
    expect(asked).toEqual(["broken", "whole"]);
  });
});
