import type { Compound } from "../bed/compound.ts";
import { compoundInText } from "../bed/compounds.ts";
import type { Frame } from "../frame/frame.ts";

type From = "set" | "chosen" | "house" | "usual" | "instead";

/**
 * Whether somebody still has to say what the pane is set in. A frame that seals by its own gaskets leaves nothing to choose,
 * and what the firm calls its usual is chosen.
 * @example usual linseed in a putty sash, nothing said // true
 */
export const bedIsAsked = (from: From, compound: Pick<Compound, "bed">): boolean =>
  from === "instead" || (from === "usual" && compound.bed !== "gasket");

/** What the pane is set in, and who said so. @example "Set in linseed {putty}: usual in such a frame, and nobody chose it yet." */
export function bedSentence(
  from: From,
  compound: Pick<Compound, "id" | "kind" | "name" | "bed">,
  frame: Pick<Frame, "name">,
): string {
  const name = compoundInText(compound);
  switch (from) {
    case "set":
      return `It was set in ${name}.`;
    case "chosen":
      return `It is set in ${name}, as was chosen for it.`;
    case "house":
      return `It is set in ${name}: the firm's usual for such a frame.`;
    case "instead":
      return `Say what it is set in: what is usual here may not touch this glass; ${name} may.`;
    case "usual":
      return compound.bed === "gasket"
        ? `It is held by ${name}: nothing else is needed in such a frame.`
        : `Say what it is set in: ${name} is usual for “${frame.name}”, and nobody chose it yet.`;
  }
}
