import { mm } from "../units/length.ts";
import { evenly, type OddsInput, oddsModel } from "./best.ts";
import type { GlassMm } from "./forms.ts";
import type { Chances } from "./odds-line.ts";
import { chancesAt } from "./sampling.ts";

/**
 * Whether a pane that has come will still go in: the chances of station Size for the pane as it was measured, not as it was
 * ordered. Its cut is known but for the tape's own error; the opening's readings and its movement are as doubtful as ever.
 * Null until a width and a height of the opening are read.
 * @example opening read 600 × 900, pane came 597 × 897 // hardly any chance that it binds
 */
export function arrivedChances(of: OddsInput, came: GlassMm): Chances | null {
  const errors = { ...of.errors, cutting: { kind: "spread", mm: of.errors.tape } as const };
  const model = oddsModel({ ...of, errors }, { width: mm(came.width), height: mm(came.height) });
  if (!model) return null;
  return chancesAt(model.forms, evenly("spread"), [came])[0] ?? null;
}
