import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { PLAIN_DAYS as calendar } from "../../tests/support/plain-days.ts";
import { LEANING, PANE, Teller, uuid } from "../../tests/support/told.ts";
import { foldFirm } from "../core/firm/fold-firm.ts";
import { HOUSE_DEFAULTS } from "../core/house/rules.ts";
import type { Entry } from "../core/log/kinds.ts";
import { foldPane } from "../core/pane/book.ts";
import { reckon } from "../core/pane/reckoning.ts";
import { appendEntries } from "./append.ts";
import { createDatabase, type Database } from "./database.ts";
import { allEntries, entriesOfPane } from "./entry-log.ts";
import { photoById, storePhoto } from "./photos.ts";

const OTHER = uuid(0xb7);
const PHOTO = uuid(0xf1);
/** Told once each, in every place that a person can stand. */
const SECRETS = ["Orme", "960 044", "key under the slate", "away until Michaelmas", "her in the hall", "Mr. Orme rang"];

const tell = () => {
  const t = new Teller().opened().added().read(LEANING);
  t.tell("customer.kept", { address: "No. 5", name: "Mrs. Orme", telephone: "01632 960 044", keyHolder: "No. 7" }, {});
  t.tell("note.written", { station: "look", text: "key under the slate" });
  t.tell("finish.paint-left", { to: "customer", note: "away until Michaelmas" });
  t.tell("plan.told", { part: "fit", day: "2026-05-20", says: "Mr. Orme rang" });
  t.tell("photo.added", { photo: PHOTO, station: "look", width: 8, height: 8, caption: "her in the hall" });
  t.added(OTHER);
  t.tell("pane.corrected", { address: "No. 6" }, { pane: OTHER });
  t.tell("note.written", { station: "look", text: "a wasps' nest" }, { pane: OTHER });
  return t;
};
const forgets = (t: Teller) => t.tell("customer.forgotten", { address: "no. 5" }, {}, "Nell");

const folder = mkdtempSync(join(tmpdir(), "forget-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
let files = 0;
const opened = (): Database => createDatabase(join(folder, `firm-${files++}.sqlite`));
const append = (db: Database, entries: readonly Entry[]) => {
  const done = appendEntries(db, entries);
  if (!done.ok) throw new Error(JSON.stringify(done.error));
  return done.value;
};
/** Which of the secrets can be read in what lies on the disk. */
const found = (): readonly string[] => {
  const bytes = readdirSync(folder).map((f) => readFileSync(join(folder, f)).toString("latin1"));
  return SECRETS.filter((s) => bytes.some((b) => b.includes(s)));
};

describe("a customer who asks to be forgotten", () => {
  it("stands nowhere in the file any more, nor in a copy made after; the sums are as they were", async () => {
    const db = opened();
    const t = tell();
    append(db, t.entries);
    storePhoto(db, {
      id: PHOTO,
      width: 8,
      height: 8,
      jpeg: Buffer.from("JPEG of her in the hall"),
      addedAt: "2026-05-04T08:00:00.000Z",
    });
    const sums = () => {
      const book = foldPane(PANE, entriesOfPane(db, PANE));
      if (!book) throw new Error("no pane");
      const r = reckon(book, { house: HOUSE_DEFAULTS, calendar });
      return [r.cut, r.opening, r.paint, Object.keys(book.readings).length];
    };
    const before = sums();
    db.$client.pragma("wal_checkpoint(TRUNCATE)");
    expect(found()).toEqual(SECRETS);
    append(db, [forgets(t) as unknown as Entry]);
    expect(found()).toEqual([]);
    expect(photoById(db, PHOTO)).toBeUndefined();
    expect(foldFirm(allEntries(db)).customers.size).toBe(0);
    expect(sums()[0]).toEqual(before[0]);
    expect(sums()).toEqual(before);
    await db.$client.backup(join(folder, "copy.sqlite"));
    expect(existsSync(join(folder, "copy.sqlite"))).toBe(true);
    expect(found()).toEqual([]);
    db.$client.close();
  });
  it("who lives next door stays", () => {
    const db = opened();
    const t = tell();
    append(db, t.entries);
    append(db, [forgets(t) as unknown as Entry]);
    expect(JSON.stringify(entriesOfPane(db, OTHER))).toContain("a wasps' nest");
  });
  it("a phone that was away sends its own again: passed over, and nothing of it comes back", () => {
    const db = opened();
    const t = tell();
    append(db, t.entries);
    append(db, [forgets(t) as unknown as Entry]);
    expect(append(db, t.entries).taken).toEqual([]);
    expect(JSON.stringify(allEntries(db))).not.toMatch(/Orme|slate|Michaelmas/);
  });
  it("what it wrote before and nobody had yet comes in without them; what is written after is new", () => {
    const db = opened();
    const t = tell();
    const late = t.tell("note.written", { station: "set", text: "Orme's dog bites" });
    append(
      db,
      t.entries.filter((e) => e.id !== late.id),
    );
    append(db, [forgets(t) as unknown as Entry]);
    expect(append(db, [late as unknown as Entry]).taken).toEqual([late.id]);
    expect(JSON.stringify(allEntries(db))).not.toContain("dog bites");
    const next = t.tell("note.written", { station: "set", text: "the new owner has a cat" });
    append(db, [next as unknown as Entry]);
    expect(JSON.stringify(entriesOfPane(db, PANE))).toContain("has a cat");
  });
});
