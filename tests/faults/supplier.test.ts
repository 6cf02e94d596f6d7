import { v7 as uuidv7 } from "uuid";
import { afterAll, describe, expect, it } from "vitest";
import { ORDER_LINE } from "../support/told.ts";
import { freshFile, type Served, serve, stop } from "./server.ts";

const stamp = () => new Date().toISOString();
const entry = (kind: string, about: object, payload: object) => ({
  id: uuidv7(),
  at: stamp(),
  who: "Test",
  about,
  kind,
  payload,
});
const post = (url: string, path: string, body: unknown) =>
  fetch(`${url}${path}`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });

describe("a supplier's system and ours, killed in the middle of an exchange", () => {
  let served: Served | undefined;
  afterAll(() => served && stop(served, "SIGKILL").catch(() => undefined));

  it("loses no order and doubles none, however often it dies", async () => {
    const file = freshFile("supplier");
    const [round, pane, order] = [uuidv7(), uuidv7(), uuidv7()];
    served = await serve(file);
    const opened = await post(served.url, "/api/entries", {
      entries: [
        entry("round.opened", { round }, { name: "R", place: "" }),
        entry(
          "pane.added",
          { pane },
          { round, address: "A", opening: "O", light: "", system: "timber-putty", side: "outside" },
        ),
        entry("order.opened", { order }, { supplier: "Shop", reference: "OR-1" }),
        entry("order.line", { order, pane }, { ...ORDER_LINE, line: uuidv7() }),
      ],
    });
    expect(opened.status).toBe(200);
    for (const after of [3, 12, 30, 60]) {
      const calls = [1, 2, 3].map(() =>
        post(served?.url ?? "", "/api/orders/hand", { order, who: "Test" }).catch(() => null),
      );
      await new Promise((on) => setTimeout(on, after));
      await stop(served, "SIGKILL");
      await Promise.all(calls);
      served = await serve(file);
    }
    const done = await post(served.url, "/api/orders/hand", { order, who: "Test" });
    expect(done.status).toBe(200);
    const { entries } = (await (await fetch(`${served.url}/api/entries?order=${order}`)).json()) as {
      entries: { kind: string }[];
    };
    const count = (kind: string) => entries.filter((e) => e.kind === kind).length;
    expect(count("order.handed")).toBe(1);
    expect(count("order.sent")).toBe(1);
    expect(count("order.acknowledged") + count("order.asked")).toBe(1);
    const theirs = await fetch(`${served.url}/api/standin/orders?key=${order}&day=20600`);
    expect(theirs.status).toBe(200);
  });

  it("refuses what it does not know, with a word what to do", async () => {
    if (!served) throw new Error("not served");
    const unknown = await fetch(`${served.url}/api/standin/orders?key=nobody&day=20600`);
    expect(unknown.status).toBe(404);
    const hand = await post(served.url, "/api/orders/hand", { order: uuidv7(), who: "Test" });
    expect(hand.status).toBe(404);
    const bad = await post(served.url, "/api/orders/read", { what: "order", format: "csv", text: "a,b\n1,2\n" });
    expect(((await bad.json()) as { errors: { says: string }[] }).errors[0]?.says).toMatch(/no column line/);
  });
});
