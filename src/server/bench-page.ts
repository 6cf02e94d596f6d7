import { type BenchPageData, composeBench } from "../core/page/bench-page.ts";
import { loadFirm } from "./firm.ts";
import { workedPanes } from "./plan-page.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

/** What waits for the bench, and what lies there. */
export async function benchPage(): Promise<{ readonly data: BenchPageData; readonly currency: string }> {
  const { firm } = loadFirm(theDatabase());
  return { data: composeBench(await workedPanes(), firm, today()), currency: firm.house.currency };
}
