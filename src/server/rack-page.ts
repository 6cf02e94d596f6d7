import type { StockPane } from "../core/house/stock.ts";
import { composeRack, type RackPageData } from "../core/page/rack-page.ts";
import { loadFirm } from "./firm.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

/** What lies in the rack, to be counted. */
export const rackPage = (): RackPageData => composeRack(loadFirm(theDatabase()).firm, today());

/** The same, as it is listed. */
export const rackNow = (): readonly StockPane[] => rackPage().slots.flatMap((s) => s.pieces.map((p) => p.piece));
