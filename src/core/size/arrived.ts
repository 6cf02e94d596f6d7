import { mm } from "../units/length.ts";
import { chancesOf, type OddsInput } from "./best.ts";
import type { GlassMm } from "./lay-model.ts";
import type { Chances } from "./odds-line.ts";

/**
 * Whether a pane that has come will still go in: the chances of station Size for the pane as it was measured, not as it was
 * ordered. Its cut is known but for the tape's own error; the opening's readings and its movement are as doubtful as ever.
 * Null until a width and a height of the opening are read.
 * @example opening read 600 × 900, pane came 597 × 897 // hardly any chance that it binds
 */
export const arrivedChances = (input: OddsInput, came: GlassMm): Chances | null =>
  chancesOf(
    { ...input, errors: { ...input.errors, cutting: { kind: "spread", mm: input.errors.tape } } },
    { width: mm(came.width), height: mm(came.height) },
  );
