import { type CutNode, type CuttingCase, type CuttingPlan, usable } from "./cutting.ts";

/** One thing that is wrong with a plan. */
export type CutFault = {
  readonly kind:
    | "unknown-sheet"
    | "too-many-sheets"
    | "root-size"
    | "parts-do-not-add-up"
    | "strip"
    | "one-part"
    | "piece-size"
    | "turned"
    | "twice"
    | "missing"
    | "cost";
  readonly at: string;
};

/**
 * All that is wrong with a plan, looked at cut by cut: each runs from edge to edge, both its sides can be broken out, the parts
 * add up, and each piece is there once in its own size. Knows nothing of how the plan came to be.
 */
export function verifyCuts(c: CuttingCase, plan: CuttingPlan): readonly CutFault[] {
  const faults: CutFault[] = [];
  const used = new Map<number, number>();
  const seen = new Map<number, number>();
  let cost = 0;
  plan.sheets.forEach(({ sheet, root }, i) => {
    const s = c.sheets[sheet];
    if (!s) {
      faults.push({ kind: "unknown-sheet", at: String(sheet) });
      return;
    }
    used.set(sheet, (used.get(sheet) ?? 0) + 1);
    cost += s.cost;
    const room = usable(s);
    if (root.width !== room.width || root.height !== room.height) faults.push({ kind: "root-size", at: String(i) });
    look(root, `${i}`);
  });
  for (const [sheet, n] of used) {
    const count = c.sheets[sheet]?.count ?? null;
    if (count !== null && n > count) faults.push({ kind: "too-many-sheets", at: String(sheet) });
  }
  for (const p of plan.unplaced) seen.set(p, (seen.get(p) ?? 0) + 1);
  c.pieces.forEach((_, p) => {
    const n = seen.get(p) ?? 0;
    if (n === 0) faults.push({ kind: "missing", at: String(p) });
    if (n > 1) faults.push({ kind: "twice", at: String(p) });
  });
  if (Math.abs(cost - plan.cost) > 1e-6) faults.push({ kind: "cost", at: "" });
  return faults;

  function look(node: CutNode, at: string): void {
    switch (node.kind) {
      case "left":
        return;
      case "piece": {
        seen.set(node.piece, (seen.get(node.piece) ?? 0) + 1);
        const p = c.pieces[node.piece];
        if (!p) {
          faults.push({ kind: "missing", at });
          return;
        }
        const [w, h] = node.turned ? [p.height, p.width] : [p.width, p.height];
        if (w !== node.width || h !== node.height) faults.push({ kind: "piece-size", at });
        if (node.turned && !p.turns) faults.push({ kind: "turned", at });
        return;
      }
      default: {
        const across = node.kind === "across";
        if (node.parts.length < 2) faults.push({ kind: "one-part", at });
        let sum = 0;
        node.parts.forEach((part, i) => {
          const along = across ? part.width : part.height;
          const side = across ? part.height : part.width;
          sum += along;
          if (along < c.strip) faults.push({ kind: "strip", at: `${at}.${i}` });
          if (side !== (across ? node.height : node.width))
            faults.push({ kind: "parts-do-not-add-up", at: `${at}.${i}` });
          look(part, `${at}.${i}`);
        });
        if (sum !== (across ? node.width : node.height)) faults.push({ kind: "parts-do-not-add-up", at });
      }
    }
  }
}
