import { zipSync } from "fflate";
import sharp from "sharp";
import { describe, expect, it } from "vitest";
import type { Entry } from "../core/log/kinds.ts";
import { dayOf } from "../core/units/day.ts";
import { appendEntries } from "../db/append.ts";
import { createDatabase, type Database } from "../db/database.ts";
import { allEntries } from "../db/entry-log.ts";
import { listRounds, panesOfRound } from "../db/lists.ts";
import { listOrders } from "../db/order-lists.ts";
import { photoById } from "../db/photos.ts";
import { ottermoleRow } from "../demo/ottermole-row.ts";
import { archiveOf, takeArchive } from "./archive.ts";
import { takePhoto } from "./take-photo.ts";

const NOW = new Date("2026-05-20T12:00:00.000Z");
const PHOTO = "00000000-0000-7000-8000-00000000f070";

async function firm(): Promise<Database> {
  const db = createDatabase(":memory:");
  const story = ottermoleRow(dayOf("2026-05-20"));
  appendEntries(db, story);
  const pane = story.find((e) => e.kind === "pane.added");
  const added = {
    id: "00000000-0000-7000-8000-00000000f071",
    at: "2026-05-20T10:00:00.000Z",
    who: "Nell Harrow",
    about: pane?.about,
    kind: "photo.added",
    payload: { photo: PHOTO, station: "look", width: 40, height: 30, caption: "" },
    seen: [],
    clock: "2026-05-20T11:00:00.000Z",
  } as unknown as Entry;
  appendEntries(db, [added]);
  const jpeg = await sharp({ create: { width: 40, height: 30, channels: 3, background: "#88aacc" } })
    .jpeg()
    .toBuffer();
  await takePhoto(PHOTO, jpeg, db);
  return db;
}
const packed = async (db: Database, round: string | null) =>
  new Uint8Array(await new Response(archiveOf(db, round, NOW)).arrayBuffer());

describe("an archive", () => {
  it("read in elsewhere gives the same, id for id, and twice changes nothing", async () => {
    const [from, to] = [await firm(), createDatabase(":memory:")];
    const zip = await packed(from, null);
    const first = await takeArchive(to, zip, NOW);
    const count = allEntries(from).length;
    expect(first).toEqual({ ok: true, value: { taken: count, known: 0, photos: 1, notTaken: [] } });
    expect(allEntries(to)).toEqual(allEntries(from));
    expect(listOrders(to)).toEqual(listOrders(from));
    const [round] = listRounds(from);
    expect(panesOfRound(to, round?.id ?? "")).toEqual(panesOfRound(from, round?.id ?? ""));
    expect(photoById(to, PHOTO)?.width).toBe(40);
    const again = await takeArchive(to, zip, NOW);
    expect(again.ok && again.value).toMatchObject({ taken: 0, known: count, photos: 0 });
  });
  it("of a round holds that round, and nothing of the firm's own or of others", async () => {
    const from = await firm();
    const [round] = listRounds(from);
    const other = "00000000-0000-7000-8000-00000000f100";
    const entry = (n: number, kind: string, about: object, payload: object): Entry =>
      ({
        id: `00000000-0000-7000-8000-00000000f10${n}`,
        at: `2026-05-20T10:0${n}:00.000Z`,
        who: "Nell Harrow",
        about,
        kind,
        payload,
      }) as unknown as Entry;
    appendEntries(from, [
      entry(1, "round.opened", { round: other }, { name: "Another", place: "" }),
      entry(2, "customer.kept", {}, { address: "Elsewhere", name: "Somebody", telephone: "", keyHolder: "" }),
    ]);
    const to = createDatabase(":memory:");
    const done = await takeArchive(to, await packed(from, round?.id ?? ""), NOW);
    expect(done.ok && done.value.notTaken).toEqual([]);
    expect(listRounds(to).map((r) => r.id)).toEqual([round?.id]);
    expect(panesOfRound(to, round?.id ?? "").length).toBe(panesOfRound(from, round?.id ?? "").length);
    expect(allEntries(to).some((e) => e.kind === "customer.kept" || e.kind === "house.rule")).toBe(false);
  });
  it("with a line that cannot be read takes the rest, and says which", async () => {
    const from = await firm();
    const head = {
      format: "plain-pane-archive",
      version: 1,
      made: NOW.toISOString(),
      round: null,
      entries: 3,
      photos: 0,
    };
    const lines = [
      ...allEntries(from)
        .slice(0, 2)
        .map((e) => JSON.stringify(e)),
      "{oops",
      '{"kind":"pane.melted"}',
    ];
    const zip = zipSync({
      "entries.jsonl": new TextEncoder().encode(lines.join("\n")),
      "archive.json": new TextEncoder().encode(JSON.stringify(head)),
    });
    const done = await takeArchive(createDatabase(":memory:"), zip, NOW);
    expect(done.ok && done.value.taken).toBe(2);
    expect(done.ok && done.value.notTaken.map((n) => n.line)).toEqual([3, 4]);
  });
  it.each([
    ["no zip", new Uint8Array([1, 2, 3])],
    ["a zip of something else", zipSync({ "a.txt": new Uint8Array([65]) })],
    ["nothing", new Uint8Array(0)],
  ])("%s is refused in words", async (_, bytes) => {
    const done = await takeArchive(createDatabase(":memory:"), bytes, NOW);
    expect(!done.ok && done.error.why).toMatch(/no archive|cannot be unpacked/);
  });
});
