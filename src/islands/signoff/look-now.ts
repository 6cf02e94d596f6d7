import type { InspectionItem } from "../../core/signoff/inspection.ts";

type Checks = ReadonlyMap<string, { readonly good: boolean }>;

/** The look that is open: the one picked, else the first that nobody looked at, else the first that is not good. */
export const lookNow = (
  items: readonly InspectionItem[],
  checks: Checks,
  picked: string | null,
): InspectionItem | undefined =>
  items.find((i) => i.id === picked) ??
  items.find((i) => !checks.has(i.id)) ??
  items.find((i) => checks.get(i.id)?.good === false);
