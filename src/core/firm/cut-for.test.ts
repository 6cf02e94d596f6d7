import { describe, expect, it } from "vitest";
import type { Entry } from "../log/kinds.ts";
import { cutFor } from "./cut-for.ts";

const at = (n: number): Pick<Entry, "id" | "at" | "who" | "about"> => ({
  id: `e${n}`,
  at: `2026-05-20T08:0${n}:00.000Z`,
  who: "Nell",
  about: {},
});
const cut = (n: number, ...panes: string[]): Entry =>
  ({ ...at(n), kind: "stock.cut", payload: { sheet: "A1", panes, left: [], spoilt: 0 } }) as Entry;
const struck = (n: number, entry: number): Entry =>
  ({ ...at(n), kind: "struck", payload: { entry: `e${entry}`, reason: "" } }) as Entry;

describe("what took a sheet off the rack for one pane", () => {
  it.each<[string, readonly Entry[], string | null]>([
    ["nothing", [], null],
    ["for it alone", [cut(1, "p")], "e1"],
    ["for another", [cut(1, "q")], null],
    ["for it and another: the sheet is in pieces", [cut(1, "p", "q")], null],
    ["taken, put back, taken again", [cut(1, "p"), struck(2, 1), cut(3, "p")], "e3"],
    ["taken and put back", [cut(1, "p"), struck(2, 1)], null],
  ])("%s", (_, entries, id) => expect(cutFor(entries, "p")?.id ?? null).toBe(id));
});
