import { v7 as uuidv7 } from "uuid";
import { expect, it } from "vitest";
import type { Entry } from "../core/log/kinds.ts";
import { dayOf } from "../core/units/day.ts";
import { appendEntries } from "../db/append.ts";
import { createDatabase } from "../db/database.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { workedPanes } from "./plan-page.ts";

it("who asks after something was written gets it, though somebody who asked before is still at work", async () => {
  const db = createDatabase(":memory:");
  appendEntries(db, ottermoleRow(dayOf("2026-05-20")));
  const all = await workedPanes(db);
  const [one, last] = [all.at(0)?.book.id ?? "", all.at(-1)?.book.id ?? ""];
  const read = (text: string) =>
    appendEntries(
      db,
      [one, last].map(
        (pane) =>
          ({
            id: uuidv7(),
            at: new Date().toISOString(),
            who: "Nell Harrow",
            about: { pane },
            kind: "measure.reading",
            payload: { place: "width-top", text, unit: "mm" },
          }) as Entry,
      ),
    );
  const widthIn = (all: Awaited<ReturnType<typeof workedPanes>>): string | undefined =>
    all.find((w) => w.book.id === last)?.book.readings["width-top"]?.text;

  read("601");
  let goOn = (): void => undefined;
  const held = new Promise<void>((done) => {
    goOn = done;
  });
  // The first has what it works from, and comes to the last pane only when the second has just been there.
  const first = workedPanes(db, async () => held);
  read("602");
  let breaths = 0;
  const second = workedPanes(db, async () => {
    if (++breaths < 2) return;
    goOn();
    await first;
  });
  expect(widthIn(await second)).toBe("602");
  expect(widthIn(await first)).toBe("601");
  expect(widthIn(await workedPanes(db))).toBe("602");
});
