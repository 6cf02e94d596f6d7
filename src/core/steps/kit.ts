import type { Template } from "../text/template.ts";
import { protectsFor } from "./protects.ts";
import type { Step, Uses } from "./step.ts";
import { isPacked } from "./tool.ts";

export type KitLine = { readonly what: string; readonly amount: number; readonly unit: Uses["unit"] };
export type Kit = { readonly tools: readonly Template[]; readonly uses: readonly KitLine[] };

/**
 * What to have with one: each tool once, and what is used up, rounded up to a whole unit, the firm's waste on top.
 * @example loosening silicone round a pane of 3 m, waste a tenth // alcohol 25 × 3 × 1.1 = 83 ml
 */
export function kitOf(
  steps: readonly Step[],
  pane: { readonly metres: number | null; readonly diagonalM: number | null; readonly waste: number },
): Kit {
  const tools = new Set<Template>();
  const uses = new Map<string, KitLine>();
  for (const step of steps) {
    for (const tool of step.tools ?? []) if (isPacked(tool)) tools.add(tool);
    for (const thing of protectsFor(step)) tools.add(thing);
    for (const use of step.uses ?? []) {
      const amount = amountOf(use, pane);
      if (amount === null) continue;
      const key = `${use.what}/${use.unit}`;
      uses.set(key, { what: use.what, unit: use.unit, amount: (uses.get(key)?.amount ?? 0) + amount });
    }
  }
  return {
    tools: [...tools],
    uses: [...uses.values()].map((u) => ({ ...u, amount: Math.ceil(u.amount * (1 + pane.waste) - 1e-9) })),
  };
}

function amountOf(
  use: Uses,
  pane: { readonly metres: number | null; readonly diagonalM: number | null },
): number | null {
  if (use.each !== undefined) return use.each;
  if (use.diagonals !== undefined) return pane.diagonalM === null ? null : use.diagonals * pane.diagonalM;
  return pane.metres === null || use.perMetre === undefined ? null : use.perMetre * pane.metres;
}

/**
 * What is kept of a tool that was left behind: its name as it stands in the steps, the same for every reader.
 * @example keptAs("{packers}") // "{packers}", which one reads as packers and another as blocks
 */
export const keptAs = (tool: Template): string => String(tool);

/** Several panes' kits as one: tools once, what is used up added. */
export function oneKit(kits: readonly Kit[]): Kit {
  const tools = new Set<Template>();
  const uses = new Map<string, KitLine>();
  for (const kit of kits) {
    for (const tool of kit.tools) tools.add(tool);
    for (const u of kit.uses) {
      const key = `${u.what}/${u.unit}`;
      uses.set(key, { ...u, amount: u.amount + (uses.get(key)?.amount ?? 0) });
    }
  }
  return { tools: [...tools], uses: [...uses.values()] };
}
