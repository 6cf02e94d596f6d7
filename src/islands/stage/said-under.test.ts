import { describe, expect, it } from "vitest";
import { saidAt } from "./said-under.ts";

describe("where a thing that is not known is said", () => {
  it.each([
    [{ id: "special", station: "look" }, "/panes/p1/look#tab-building"],
    [{ id: "held", station: "look" }, "/panes/p1/look#tab-frame"],
    [{ id: "size", station: "measure", place: "width-top" }, "/panes/p1/measure#r-width-top"],
    [{ id: "bars", station: "measure" }, "/panes/p1/measure#tab-found"],
    [{ id: "pattern", station: "specify" }, "/panes/p1/specify"],
    [{ id: "trouble", station: "measure" }, "/panes/p1/measure"],
  ] as const)("%o", (given, at) => expect(saidAt("p1", given)).toBe(at));
});
