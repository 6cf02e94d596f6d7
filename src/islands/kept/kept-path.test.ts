import { describe, expect, it } from "vitest";
import { keptPath } from "./kept-path.ts";

describe("which page a device makes by itself", () => {
  it.each([
    ["/", { page: "round", round: null }],
    ["/?round=r1", { page: "round", round: "r1" }],
    ["/panes/p1", { page: "pane", pane: "p1", view: null }],
    ["/panes/p1/measure", { page: "pane", pane: "p1", view: "measure" }],
    ["/panes/p1/logbook", { page: "pane", pane: "p1", view: "logbook" }],
    ["/panes/p1/options", { page: "other" }],
    ["/panes/new?round=r1", { page: "new-pane", round: "r1" }],
    ["/rounds/new", { page: "new-round" }],
    ["/rounds/r1/kit", { page: "kit", round: "r1", day: null, panes: null }],
    [
      "/rounds/r1/kit?day=2026-05-21&only=1&pane=a&pane=b",
      { page: "kit", round: "r1", day: "2026-05-21", panes: ["a", "b"] },
    ],
    ["/rounds/r1/kit?only=1", { page: "kit", round: "r1", day: null, panes: [] }],
    ["/orders/o1", { page: "order", order: "o1" }],
    ["/orders/o1/sheet", { page: "order-sheet", order: "o1" }],
    ["/orders", { page: "orders" }],
    ["/orders?part=all", { page: "orders" }],
    ["/bench", { page: "other" }],
    ["/rounds/r1/quote", { page: "quote", round: "r1" }],
    ["/plan/day", { page: "day", who: null, on: null }],
    ["/plan/day?who=Nell&on=2026-05-21", { page: "day", who: "Nell", on: "2026-05-21" }],
    ["/plan/day.ics", { page: "other" }],
    ["/plan", { page: "other" }],
    ["/house", { page: "house" }],
    ["/rounds", { page: "other" }],
  ])("%s", (path, is) => expect(keptPath(new URL(path, "http://plain.example"))).toEqual(is));
});
