import { and, eq, sql } from "drizzle-orm";
import { type Database, mustBeThere, type Running } from "./database.ts";
import { entries, photos } from "./schema.ts";

export type StoredPhoto = typeof photos.$inferSelect;

/** Stores a picture once: sent again under the same id it changes nothing. */
export const storePhoto = (db: Database, photo: StoredPhoto): void => {
  mustBeThere(db);
  db.insert(photos).values(photo).onConflictDoNothing().run();
};

export const photoById = (db: Running, id: string): StoredPhoto | undefined =>
  db.select().from(photos).where(eq(photos.id, id)).get();

export const hasPhoto = (db: Running, id: string): boolean =>
  db.select({ id: photos.id }).from(photos).where(eq(photos.id, id)).get() !== undefined;

/** The panes that a picture was taken of. */
export const panesOfPhoto = (db: Running, id: string): readonly string[] =>
  db
    .select({ pane: entries.pane })
    .from(entries)
    .where(and(eq(entries.kind, "photo.added"), sql`${entries.payload} ->> '$.photo' = ${id}`))
    .all()
    .flatMap((row) => row.pane ?? []);
