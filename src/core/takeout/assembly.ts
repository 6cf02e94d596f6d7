import type { PartKind } from "../frame/part.ts";
import { frameOf } from "../frame/systems.ts";
import type { StepFacts } from "./facts.ts";
import { type Before, removalOrder } from "./precedence.ts";

export type Assembly = {
  readonly parts: readonly PartKind[];
  readonly rules: readonly Before<PartKind>[];
};

/** The parts of this frame and which holds which: an outer layer before the next. What stands in front comes before all. */
export function assemblyOf(f: StepFacts): Assembly {
  if (f.closed) return { parts: [], rules: [] };
  const layers = [f.front.length > 0 ? (["front"] as const) : [], ...frameOf(f.system).comesApart(f.detail)]
    .map((l) =>
      l.filter(
        (p): p is PartKind =>
          p !== false && !(f.staysIn && p === "glass") && !(f.whole === "insert" && (p === "bond" || p === "bed")),
      ),
    )
    .filter((l) => l.length > 0);
  const rules = layers.flatMap((layer, i) =>
    (layers[i + 1] ?? []).flatMap((next) =>
      layer.map((first): Before<PartKind> => ({ first, next, because: "it lies over it" })),
    ),
  );
  return { parts: layers.flat(), rules };
}

/** The same, in the order in which it comes apart. The kinds of this file hold no circle. */
export function partsInOrder(f: StepFacts): readonly PartKind[] {
  const { parts, rules } = assemblyOf(f);
  const found = removalOrder(
    parts.map((id) => ({ id, rank: 0 })),
    rules,
  );
  return found.kind === "order" ? found.order : [];
}
