import { z } from "zod";

/** What stands beside the entries of an archive. */
export const ArchiveHead = z.strictObject({
  format: z.literal("plain-pane-archive"),
  version: z.literal(1),
  made: z.iso.datetime(),
  /** One round by itself, or the whole firm where it is null. */
  round: z.uuid().nullable(),
  entries: z.int().min(0),
  photos: z.int().min(0),
});
export type ArchiveHead = z.output<typeof ArchiveHead>;

/** Names in an archive. */
export const ARCHIVE = { head: "archive.json", entries: "entries.jsonl", schema: "entry.schema.json" } as const;
export const photoName = (id: string): string => `photos/${id}.jpg`;
export const PHOTO_NAME = /^photos\/([0-9a-f-]{36})\.jpg$/;

/** What was taken in. */
export const ArchiveTaken = z
  .strictObject({
    taken: z.int(),
    known: z.int(),
    photos: z.int(),
    notTaken: z.array(z.strictObject({ line: z.int(), why: z.string() })).meta({
      description: "Lines that were left out, at most 50 of them, and why.",
    }),
  })
  .meta({ id: "ArchiveTaken" });
export type ArchiveTaken = z.output<typeof ArchiveTaken>;
