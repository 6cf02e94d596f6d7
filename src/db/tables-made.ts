import { eq } from "drizzle-orm";
import type { Database } from "./database.ts";
import { rebuild } from "./projection.ts";
import { tablesMade } from "./schema.ts";
import { TABLES_VERSION } from "./tables-version.ts";

const ONLY = 1;

/** Makes the tables of a file again from its entries where another version made them, in one transaction. */
export function bringTablesUp(db: Database): void {
  const made = db.select().from(tablesMade).where(eq(tablesMade.id, ONLY)).get();
  if (made?.version === TABLES_VERSION) return;
  db.transaction(
    (tx) => {
      rebuild(tx);
      tx.insert(tablesMade)
        .values({ id: ONLY, version: TABLES_VERSION })
        .onConflictDoUpdate({ target: tablesMade.id, set: { version: TABLES_VERSION } })
        .run();
    },
    { behavior: "immediate" },
  );
}
