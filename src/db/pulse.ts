import { type Database, mustBeThere } from "./database.ts";
import { pulse } from "./schema.ts";

/** Writes one row to the disk, and throws where that cannot be done. */
export function beat(db: Database, at: string): void {
  mustBeThere(db);
  db.insert(pulse).values({ id: 1, at }).onConflictDoUpdate({ target: pulse.id, set: { at } }).run();
}
