import type { Compound } from "../bed/compound.ts";
import { compoundInText } from "../bed/compounds.ts";
import type { Frame } from "../frame/frame.ts";
import type { BedHere } from "../pane/bed-here.ts";
import type { Template } from "../text/template.ts";

/** What the pane is set in, and who said so. @example "Set in linseed {putty}: usual in such a frame, and nobody chose it yet." */
export function bedSentence(
  from: BedHere["from"],
  compound: Pick<Compound, "id" | "kind" | "name" | "bed">,
  frame: Pick<Frame, "name">,
): Template {
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
    case "whole":
      return `It is held by ${name}; its glass lies in what its maker laid it in.`;
    case "usual":
      return compound.bed === "gasket"
        ? `It is held by ${name}: nothing else is needed in such a frame.`
        : `Say what it is set in: ${name} is usual for “${frame.name}”, and nobody chose it yet.`;
  }
}
