import { eq } from "drizzle-orm";
import { type Database, mustBeThere } from "./database.ts";
import { standinOrders } from "./schema.ts";

/** Reads what is kept under a key, lets it become something else, and stores that: one transaction on the disk. */
export function changeKept<T>(db: Database, key: string, change: (kept: T | null) => T | null): T | null {
  mustBeThere(db);
  return db.transaction(
    (tx) => {
      const row = tx.select().from(standinOrders).where(eq(standinOrders.key, key)).get();
      const next = change((row?.kept as T | undefined) ?? null);
      if (next !== null)
        tx.insert(standinOrders)
          .values({ key, kept: next })
          .onConflictDoUpdate({ target: standinOrders.key, set: { kept: next } })
          .run();
      return next;
    },
    { behavior: "immediate" },
  );
}
