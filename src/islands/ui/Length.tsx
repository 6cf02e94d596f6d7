import { inchParts, writeNumber } from "../../core/tape/write.ts";
import type { LengthUnit } from "../../core/units/length.ts";

type Props = {
  readonly nm: number;
  readonly unit: LengthUnit;
  readonly places?: 0 | 1 | 2;
  readonly ticks?: 16 | 32 | 64;
  /** Say the unit behind it. */
  readonly withUnit?: boolean;
};

/** A length for people: fractions set as fractions, read out as words would. */
export function Length({ nm, unit, places = 1, ticks = 32, withUnit = false }: Props) {
  if (unit === "mm")
    return (
      <span className="whitespace-nowrap">
        <span className="tight">{writeNumber(nm, "mm", { places })}</span>
        {withUnit && " mm"}
      </span>
    );
  const { whole, numerator, denominator } = inchParts(Math.abs(nm), ticks);
  const text = writeNumber(nm, "in", { ticks });
  return (
    <span className="tight whitespace-nowrap">
      <span className="sr-only">
        {text}
        {withUnit && " in"}
      </span>
      <span aria-hidden="true">
        {nm < 0 && "−"}
        {(whole > 0 || numerator === 0) && whole}
        {numerator > 0 && <Fraction n={numerator} d={denominator} />}
        {withUnit && "″"}
      </span>
    </span>
  );
}

export const Fraction = ({ n, d }: { readonly n: number; readonly d: number }) => (
  <span className="frac">
    <span className="n">{n}</span>
    <span className="sl">⁄</span>
    <span className="d">{d}</span>
  </span>
);

/** The same inside a drawing. */
export function LengthInSvg({ nm, unit, places = 1, ticks = 32 }: Props) {
  if (unit === "mm") return <>{writeNumber(nm, "mm", { places })}</>;
  const { whole, numerator, denominator } = inchParts(Math.abs(nm), ticks);
  return (
    <>
      {nm < 0 && "−"}
      {(whole > 0 || numerator === 0) && whole}
      {numerator > 0 && (
        <>
          <tspan fontSize="0.66em" dy="-0.38em" dx={whole > 0 ? "0.12em" : undefined}>
            {numerator}
          </tspan>
          <tspan dy="0.25em">⁄</tspan>
          <tspan fontSize="0.66em" dy="0.13em">
            {denominator}
          </tspan>
        </>
      )}
    </>
  );
}
