import { and, inArray, isNotNull, isNull, or } from "drizzle-orm";
import type { Running } from "./database.ts";
import { entries } from "./schema.ts";

/* What an entry is about, as SQLite is asked for it. */

/** About these panes, or about an order that one of them stands on. */
export const aboutPanes = (db: Running, panes: readonly string[]) =>
  or(inArray(entries.pane, [...panes]), inArray(entries.order, ordersWith(db, panes)));

const ordersWith = (db: Running, panes: readonly string[]) =>
  db
    .selectDistinct({ order: entries.order })
    .from(entries)
    .where(and(inArray(entries.pane, [...panes]), isNotNull(entries.order)));

/** About no pane and no order: written so that SQLite sees the partial index. */
export const ofFirm = () => and(isNull(entries.pane), isNull(entries.order));
