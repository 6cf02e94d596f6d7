import { type BenchPageData, composeBench } from "../core/page/bench-page.ts";
import { loadFirm } from "./firm.ts";
import { visitor } from "./people/visit.ts";
import { workedPanes } from "./plan-page.ts";
import { handOf } from "./practice/by-hand.ts";
import { theDatabase } from "./the-database.ts";
import { today } from "./today.ts";

/** What waits for the bench, and what lies there. */
export async function benchPage(asked: string): Promise<{ readonly data: BenchPageData; readonly currency: string }> {
  const { firm } = loadFirm(theDatabase());
  const who = visitor()?.name ?? asked;
  const hand = { who, tries: (mm: number) => handOf(who, "score", mm) };
  return { data: composeBench(await workedPanes(), firm, today(), hand), currency: firm.house.currency };
}
