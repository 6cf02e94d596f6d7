import { sprigged } from "../frame/held.ts";
import type { PaneMaterials } from "../set/pick-list.ts";
import { toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { likeOf } from "./frame-here.ts";
import { pinsHere } from "./pins-here.ts";
import type { Reckoning } from "./reckoning.ts";
import { settingOf } from "./setting.ts";
import { readyFacts } from "./step-facts.ts";

/** What this pane takes to set; null while it is not sized. */
export function materialsOf(book: PaneBook, r: Reckoning): PaneMaterials | null {
  const setting = settingOf(book, r);
  if (!setting) return null;
  const { bed } = readyFacts(book, r);
  const stack = r.packers?.stack?.pieces.map(toMm) ?? [];
  const stocks = new Map<number, number>();
  for (const s of setting.sticks?.sticks ?? []) stocks.set(s.stock, (stocks.get(s.stock) ?? 0) + 1);
  return {
    puttyBuyKg: bed === "putty" && r.putty?.ok ? r.putty.value.buyKg : null,
    sealantMl: setting.sealant?.totalMl ?? null,
    tapeMm: setting.tapeMm,
    gasketMm: setting.gasketMm,
    sprigs: sprigged(likeOf(book)) ? (r.sprigs?.count ?? null) : null,
    pins: pinsOf(book, r),
    packersMm: [...stack, ...stack],
    beadSticks: [...stocks].map(([stockMm, count]) => ({ stockMm, count })),
  };
}

function pinsOf(book: PaneBook, r: Reckoning): PaneMaterials["pins"] {
  const plan = pinsHere(book, r);
  return plan && plan.lengthMm !== null ? { lengthMm: plan.lengthMm, count: plan.places.count } : null;
}
