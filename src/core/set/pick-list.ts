import type { Template } from "../text/template.ts";
import type { Mm } from "../units/length.ts";
import { tubesFor } from "./putty.ts";

/** So much of something that setting uses up. */
export type Material = {
  readonly what: Template;
  readonly amount: number;
  readonly unit: "ml" | "m" | "g" | "kg" | "pieces" | "sticks";
};

/** What one pane takes to set, before it is added up: net of waste where tubes follow from the total of all panes. */
export type PaneMaterials = {
  readonly puttyBuyKg: number | null;
  readonly sealantMl: number | null;
  readonly tapeMm: Mm | null;
  readonly gasketMm: Mm | null;
  readonly sprigs: number | null;
  /** Pins for beads and stops, by their length. */
  readonly pins: { readonly lengthMm: Mm; readonly count: number } | null;
  /** Each stack of packers that stands under or beside the pane, thicknesses in mm. */
  readonly packersMm: readonly Mm[];
  readonly beadSticks: readonly { readonly stockMm: Mm; readonly count: number }[];
};

/**
 * Materials of all panes of a visit together: sealant is added up first and made into tubes once, waste on top.
 * @example two panes of 85 and 95 ml, waste a tenth // 180 ml in one cartridge of 310, not two
 */
export function pickList(panes: readonly PaneMaterials[], waste: number): readonly Material[] {
  const sum = (amountOf: (p: PaneMaterials) => number | null): number =>
    panes.reduce((s, p) => s + (amountOf(p) ?? 0), 0);
  const out: Material[] = [];
  const add = (what: Template, amount: number, unit: Material["unit"]): void => {
    if (amount > 0) out.push({ what, amount, unit });
  };
  const packers = new Map<number, number>();
  for (const t of panes.flatMap((p) => p.packersMm)) packers.set(t, (packers.get(t) ?? 0) + 1);
  for (const [t, count] of [...packers].sort((a, b) => a[0] - b[0])) add(`{packers} of ${t} mm`, count, "pieces");
  add("{putty}", Math.ceil(sum((p) => p.puttyBuyKg) * 20 - 1e-9) / 20, "kg");
  add(
    "neutral-cure silicone, 310 ml",
    tubesFor(
      sum((p) => p.sealantMl),
      310,
      waste,
    ),
    "pieces",
  );
  add("glazing tape", Math.ceil(sum((p) => p.tapeMm) / 1000 - 1e-9), "m");
  add("gasket", Math.ceil(sum((p) => p.gasketMm) / 1000 - 1e-9), "m");
  add(
    "{sprigs}",
    sum((p) => p.sprigs),
    "pieces",
  );
  const pins = new Map<number, number>();
  for (const p of panes.flatMap((x) => x.pins ?? [])) pins.set(p.lengthMm, (pins.get(p.lengthMm) ?? 0) + p.count);
  for (const [long, count] of pins) add(`pins of ${long} mm`, Math.ceil(count * (1 + waste) - 1e-9), "pieces");
  const sticks = new Map<number, number>();
  for (const s of panes.flatMap((p) => p.beadSticks)) sticks.set(s.stockMm, (sticks.get(s.stockMm) ?? 0) + s.count);
  for (const [stock, count] of sticks) add(`{bead} in ${stock} mm sticks`, count, "sticks");
  return out;
}

/** What is still to be bought, with what lies on the shelf taken off. @example need 3, on the shelf 2 // buy 1 */
export const toBuy = (need: number, onShelf: number): number => Math.max(0, Math.round((need - onShelf) * 1000) / 1000);
