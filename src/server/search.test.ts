import { beforeAll, describe, expect, it } from "vitest";
import { dayOf } from "../core/units/day.ts";
import { appendEntries as append } from "../db/append.ts";
import { createDatabase, type Database } from "../db/database.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { search } from "./search.ts";

let db: Database;
beforeAll(() => {
  db = createDatabase(":memory:");
  append(db, [...ottermoleRow(dayOf("2026-05-20"))], { receivedAt: "2026-05-20T09:00:00.000Z", sure: true });
});
const says = (text: string) => search(text, db).map((f) => `${f.kind}: ${f.says}`);

describe("what is looked for is found", () => {
  it.each([
    ["a house and a room", "no. 2 porch", "pane: No. 2, porch, side light"],
    ["a word mistyped", "scullary", "pane: No. 7, scullery"],
    ["the beginning of a word", "wash", "pane: No. 6, wash-house, door light"],
    ["a customer", "alder", "customer: Wren Alder, warden"],
    ["a telephone number without its spaces", "01632960012", "customer: Wren Alder, warden"],
    ["a round by its place", "almshouses", "round: Ottermole Row, after the hail"],
  ])("%s: %s", (_, text, first) => {
    expect(says(text)).toContain(first);
  });
  it("a size leads to its order and its pane", () => {
    const { w, h } = db.$client
      .prepare("SELECT width_nm / 1000000 AS w, height_nm / 1000000 AS h FROM order_lines LIMIT 1")
      .get() as { w: number; h: number };
    const kinds = search(`${w} × ${h}`, db).map((f) => f.kind);
    expect(kinds).toContain("order");
    expect(kinds).toContain("pane");
  });
  it("all words must be there, and nothing finds nothing", () => {
    expect(says("porch scullery")).toEqual([]);
    expect(says("  ")).toEqual([]);
    expect(says("zzzzzz")).toEqual([]);
  });
  it("what was written since is found too", () => {
    append(
      db,
      [
        {
          id: "019e9999-0000-7000-8000-000000000001",
          at: "2026-05-20T10:00:00.000Z",
          who: "Nell",
          about: {},
          kind: "customer.kept",
          payload: { address: "No. 7", name: "Orla Fenn", telephone: "01632 960 777", keyHolder: "" },
        },
      ],
      { receivedAt: "2026-05-20T10:00:00.000Z", sure: true },
    );
    expect(says("fenn").slice(0, 2)).toEqual(["customer: Orla Fenn", "pane: No. 7, scullery"]);
  });
});
