import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate, ZipPassThrough } from "fflate";
import { z } from "zod";
import { ARCHIVE, ArchiveHead, type ArchiveTaken, PHOTO_NAME, photoName } from "../contract/archive.ts";
import { batchBroughtUp, EntrySchema } from "../contract/entry.ts";
import { aboutMissing } from "../core/log/about.ts";
import type { Entry } from "../core/log/kinds.ts";
import { fail, ok, type Result } from "../core/result.ts";
import { appendEntries } from "../db/append.ts";
import { archivedEntries } from "../db/archived.ts";
import type { Database } from "../db/database.ts";
import { hasPhoto, photoById } from "../db/photos.ts";
import { takePhoto } from "./take-photo.ts";

const AT_ONCE = 500;
/** What an archive may be when it is unpacked, and how many files. */
const MOST_UNPACKED = 2_000_000_000;
const MOST_FILES = 200_000;
const MOST_SAID = 50;

/**
 * The whole firm, or one round by itself, as a zip of JSON lines: entries in the order in which they were stored, their schema,
 * and photos. It is made piece by piece as it is read, so it costs no memory.
 */
export function archiveOf(db: Database, round: string | null, now: Date): ReadableStream<Uint8Array> {
  const steps = archiving(db, round, now);
  return new ReadableStream<Uint8Array>({
    pull(stream) {
      // A step may give nothing to send yet: the next is taken until one does.
      for (;;) {
        const next = steps.next();
        if (next.done) return stream.close();
        if (next.value.length === 0) continue;
        for (const part of next.value) stream.enqueue(part);
        return;
      }
    },
  });
}

function* archiving(db: Database, round: string | null, now: Date): Generator<Uint8Array[]> {
  let parts: Uint8Array[] = [];
  const zip = new Zip((error, part) => {
    if (error) throw error;
    parts.push(part);
  });
  const sent = (): Uint8Array[] => {
    const out = parts;
    parts = [];
    return out;
  };
  const lines = new ZipDeflate(ARCHIVE.entries, { level: 6 });
  zip.add(lines);
  const photos = new Set<string>();
  let entries = 0;
  for (const some of archivedEntries(db, round)) {
    for (const e of some) {
      if (e.kind !== "photo.added") continue;
      const { photo } = e.payload as { photo?: unknown };
      if (typeof photo === "string") photos.add(photo);
    }
    entries += some.length;
    lines.push(strToU8(some.map((e) => `${JSON.stringify(e)}\n`).join("")));
    yield sent();
  }
  lines.push(new Uint8Array(0), true);
  let stored = 0;
  for (const id of photos) {
    const found = photoById(db, id);
    if (!found) continue;
    stored++;
    const file = new ZipPassThrough(photoName(id));
    zip.add(file);
    file.push(new Uint8Array(found.jpeg), true);
    yield sent();
  }
  const texts: readonly (readonly [string, string])[] = [
    [ARCHIVE.schema, JSON.stringify(z.toJSONSchema(EntrySchema, { unrepresentable: "any" }))],
    [
      ARCHIVE.head,
      JSON.stringify({
        format: "plain-pane-archive",
        version: 1,
        made: now.toISOString(),
        round,
        entries,
        photos: stored,
      } satisfies ArchiveHead),
    ],
  ];
  for (const [name, text] of texts) {
    const file = new ZipDeflate(name, { level: 6 });
    zip.add(file);
    file.push(strToU8(text), true);
  }
  zip.end();
  yield sent();
}

export type ArchiveError = { readonly kind: "not-an-archive"; readonly why: string };

/**
 * Takes an archive in, in its own order. What is there already is passed over, so it may be taken in twice; a line that cannot
 * be read is left out and said, and so is what rests on it.
 */
export async function takeArchive(
  db: Database,
  bytes: Uint8Array,
  now: Date,
): Promise<Result<ArchiveTaken, ArchiveError>> {
  const files = unpacked(bytes);
  if (!files.ok) return files;
  const text = files.value.get(ARCHIVE.entries);
  const head = ArchiveHead.safeParse(jsonOf(files.value.get(ARCHIVE.head)));
  if (!text || !head.success)
    return fail({
      kind: "not-an-archive",
      why: "It is no archive of Plain Pane, or one of another version: entries.jsonl or archive.json is missing.",
    });
  const said: { line: number; why: string }[] = [];
  const leftOut = (line: number, why: string) => said.length < MOST_SAID && said.push({ line, why });
  let [taken, known] = [0, 0];
  let batch: { line: number; entry: Entry }[] = [];
  const store = (some: readonly { line: number; entry: Entry }[]) => {
    if (some.length === 0) return;
    const done = appendEntries(
      db,
      some.map((s) => s.entry),
      { receivedAt: now.toISOString(), sure: true },
    );
    if (done.ok) {
      taken += done.value.taken.length;
      known += done.value.known.length;
    } else if (some.length === 1) leftOut(some[0]?.line ?? 0, done.error.kind);
    else {
      // Halved until what is wrong stands alone.
      const half = Math.ceil(some.length / 2);
      store(some.slice(0, half));
      store(some.slice(half));
    }
  };
  for (const [i, line] of strFromU8(text).split("\n").entries()) {
    if (line === "") continue;
    const read = entryOf(line);
    if (!read.ok) leftOut(i + 1, read.error);
    else batch.push({ line: i + 1, entry: read.value });
    if (batch.length < AT_ONCE) continue;
    store(batch);
    batch = [];
    await new Promise((on) => setImmediate(on));
  }
  store(batch);
  const photos = await takePhotos(db, files.value);
  return ok({ taken, known, photos, notTaken: said });
}

async function takePhotos(db: Database, files: ReadonlyMap<string, Uint8Array>): Promise<number> {
  let count = 0;
  for (const [name, bytes] of files) {
    const id = PHOTO_NAME.exec(name)?.[1];
    if (id === undefined || hasPhoto(db, id)) continue;
    if ((await takePhoto(id, bytes, db)).ok) count++;
  }
  return count;
}

function entryOf(line: string): Result<Entry, string> {
  const raw = batchBroughtUp({ entries: [jsonOf(strToU8(line))] }) as { entries: readonly unknown[] };
  const read = EntrySchema.safeParse(raw.entries[0]);
  if (!read.success) return fail(read.error.issues[0]?.message ?? "it is no entry");
  const missing = aboutMissing(read.data);
  return missing ? fail(`it does not say which ${missing.needs} it is about`) : ok(read.data);
}

function jsonOf(bytes: Uint8Array | undefined): unknown {
  try {
    return JSON.parse(strFromU8(bytes ?? new Uint8Array(0)));
  } catch {
    return null;
  }
}

function unpacked(bytes: Uint8Array): Result<ReadonlyMap<string, Uint8Array>, ArchiveError> {
  let [size, count] = [0, 0];
  try {
    const files = unzipSync(bytes, {
      filter: (file) => {
        size += file.originalSize;
        count++;
        if (size > MOST_UNPACKED || count > MOST_FILES) throw new Error("it unpacks to more than this server takes");
        return file.name === ARCHIVE.entries || file.name === ARCHIVE.head || PHOTO_NAME.test(file.name);
      },
    });
    return ok(new Map(Object.entries(files)));
  } catch (error) {
    return fail({
      kind: "not-an-archive",
      why: `It cannot be unpacked: ${error instanceof Error ? error.message : "damaged"}.`,
    });
  }
}
