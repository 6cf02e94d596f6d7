import { type LengthUnit, nm } from "../../core/units/length.ts";
import { sizeShown } from "../../core/words/size-text.ts";
import { Length } from "./Length.tsx";

type Props = { readonly width: number; readonly height: number; readonly unit: LengthUnit };

/** A cut size, width × height: in the other unit rounded down, as the ticket says it. */
export const Size = ({ width, height, unit }: Props) => (
  <span className="whitespace-nowrap">
    <Length nm={sizeShown(nm(width), unit)} unit={unit} />
    <span className="px-1 font-normal opacity-70"> × </span>
    <Length nm={sizeShown(nm(height), unit)} unit={unit} />
  </span>
);
