import { type LengthUnit, nm } from "../../core/units/length.ts";
import { sizeShown } from "../../core/words/size-text.ts";
import { Length } from "./Length.tsx";

type Props = {
  readonly width: number;
  readonly height: number;
  readonly unit: LengthUnit;
  /** Ordered or made: as it is, and not rounded down for whoever may still cut it. */
  readonly made?: boolean | undefined;
};

/** A size, width × height: what may still be cut is rounded down in the other unit, as the ticket says it. */
export const Size = ({ width, height, unit, made }: Props) => (
  <span className="whitespace-nowrap">
    <Length nm={sizeShown(nm(width), unit, made)} unit={unit} />
    <span className="px-1 font-normal opacity-70"> × </span>
    <Length nm={sizeShown(nm(height), unit, made)} unit={unit} />
  </span>
);
