import { sql } from "drizzle-orm";
import type { Running } from "./database.ts";
import { orderLines, orders, panes, rounds } from "./schema.ts";

/** What can be looked for, as the tables have it. */
export const searchRows = (db: Running) => ({
  panes: db
    .select({
      id: panes.id,
      round: panes.round,
      address: panes.address,
      opening: panes.opening,
      light: panes.light,
      signedDay: panes.signedDay,
    })
    .from(panes)
    .all(),
  rounds: db.select().from(rounds).all(),
  orders: db
    .select({ id: orders.id, supplier: orders.supplier, reference: orders.reference, stage: orders.stage })
    .from(orders)
    .all(),
  lines: db
    .select({ pane: orderLines.pane, order: orderLines.order, width: orderLines.widthNm, height: orderLines.heightNm })
    .from(orderLines)
    .where(sql`${orderLines.state} <> 'dropped'`)
    .all(),
});
