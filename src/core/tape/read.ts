import { fail, ok, type Result } from "../result.ts";
import { type LengthUnit, NM_PER_64TH, NM_PER_FOOT, NM_PER_INCH, NM_PER_MM, type Nm, nm } from "../units/length.ts";
import { type DecimalError, decimalToNm, readDecimal } from "./decimal.ts";
import { type Token, type TokenError, tokens, type UnitWord } from "./token.ts";

/** A tick on the tape is hit, or missed by a hair: light is under the mark, heavy is over it. */
export type HairMark = "light" | "heavy";

/** What the tape said. `exact` is the mark itself; `adjusted` has the hair taken off or added. */
export type TapeReading = {
  readonly written: string;
  readonly unit: LengthUnit;
  readonly exact: Nm;
  readonly hair: HairMark | null;
  readonly adjusted: Nm;
};

/** Why a reading was refused, and where: `at` counts characters from 0 in the text as typed. */
export type TapeError =
  | TokenError
  | (DecimalError & { readonly at: number })
  | { readonly kind: "empty"; readonly at: number }
  | { readonly kind: "sign-in-front"; readonly at: number }
  | { readonly kind: "stray-mark"; readonly at: number }
  | { readonly kind: "no-number"; readonly at: number }
  | { readonly kind: "second-number"; readonly at: number }
  | { readonly kind: "second-unit"; readonly at: number }
  | {
      readonly kind: "improper-fraction";
      readonly at: number;
      readonly numerator: number;
      readonly denominator: number;
    }
  | { readonly kind: "denominator"; readonly at: number; readonly denominator: number }
  | { readonly kind: "decimal-with-fraction"; readonly at: number }
  | { readonly kind: "metric-fraction"; readonly at: number }
  | { readonly kind: "inches-over-a-foot"; readonly at: number }
  | { readonly kind: "decimal-feet-with-inches"; readonly at: number }
  | { readonly kind: "metric-after-feet"; readonly at: number }
  | { readonly kind: "below-nothing"; readonly at: number };

/** A hair under or over: a quarter of 1/16 in on an inch tape, a quarter of a millimetre on a metric one. */
export const HAIR_INCH: Nm = nm(NM_PER_64TH);
export const HAIR_METRIC: Nm = nm(NM_PER_MM / 4);

/** Nothing that a pane stands in is longer than 10 m: a bar code, or a figure that ran together, is no reading. */
export const MOST_READING: Nm = nm(10_000 * NM_PER_MM);

const DENOMINATORS: readonly number[] = [2, 4, 8, 16, 32, 64];
const NM_PER_UNIT: Readonly<Record<UnitWord, number>> = {
  inch: NM_PER_INCH,
  foot: NM_PER_FOOT,
  mm: NM_PER_MM,
  cm: 10 * NM_PER_MM,
  m: 1000 * NM_PER_MM,
};

type NumberToken = Extract<Token, { kind: "number" }>;
type FractionToken = Extract<Token, { kind: "fraction" }>;
type Part = {
  readonly at: number;
  readonly number?: NumberToken;
  readonly fraction?: FractionToken;
  readonly unit?: UnitWord;
};

/**
 * Reads one length as a tape shows it. A plain number is in the reader's unit; a fraction without a unit is inches.
 * @example readTape("23 11/16", "mm") // 601_662_500 nm, inches
 * @example readTape("601.5", "mm")    // 601_500_000 nm
 * @example readTape("23-11/16+", "in") // exact 601_662_500, heavy, adjusted 602_059_375
 * @example readTape("17/16", "in")    // improper-fraction
 * @example readTape("99999999", "mm") // too-long: beyond `most`, 10 m
 */
export function readTape(
  written: string,
  reader: LengthUnit,
  most: number = MOST_READING,
): Result<TapeReading, TapeError> {
  const read = tokens(written);
  if (!read.ok) return read;
  const line = read.value.filter((t, i, all) => t.kind !== "gap" || (i > 0 && i < all.length - 1));
  const first = line[0];
  if (first === undefined) return fail({ kind: "empty", at: 0 });
  if (first.kind === "dash" || first.kind === "plus") return fail({ kind: "sign-in-front", at: first.at });

  const last = line.at(-1);
  const hair: HairMark | null = last?.kind === "dash" ? "light" : last?.kind === "plus" ? "heavy" : null;
  const body = withoutGapAtEnd(hair === null ? line : line.slice(0, -1));

  const length = readLength(body, reader);
  if (!length.ok) return length;
  const { exact, unit } = length.value;
  const step = unit === "in" ? HAIR_INCH : HAIR_METRIC;
  const adjusted = hair === null ? exact : hair === "light" ? exact - step : exact + step;
  if (adjusted < 0) return fail({ kind: "below-nothing", at: first.at });
  if (!Number.isSafeInteger(adjusted) || adjusted > most) return fail({ kind: "too-long", at: first.at });
  return ok({ written, unit, exact, hair, adjusted: nm(adjusted) });
}

function readLength(line: readonly Token[], reader: LengthUnit): Result<{ exact: Nm; unit: LengthUnit }, TapeError> {
  const main = readPart(line, 0);
  if (!main.ok) return main;
  const { part, next } = main.value;
  if (part.unit === "foot") return readFeet(part, line, next);
  const rest = leftOver(line, next);
  if (rest) return fail(rest);
  const unit: UnitWord = part.unit ?? (part.fraction || reader === "in" ? "inch" : "mm");
  if (unit !== "inch" && part.fraction) return fail({ kind: "metric-fraction", at: part.fraction.at });
  const exact = partToNm(part, unit);
  return exact.ok ? ok({ exact: exact.value, unit: unit === "inch" ? "in" : "mm" }) : exact;
}

function readFeet(feet: Part, line: readonly Token[], next: number): Result<{ exact: Nm; unit: "in" }, TapeError> {
  const whole = partToNm(feet, "foot");
  if (!whole.ok) return whole;
  const from = skip(line, next);
  if (from >= line.length) return ok({ exact: whole.value, unit: "in" });
  const inchesPart = readPart(line, from);
  if (!inchesPart.ok) return inchesPart;
  const { part, next: end } = inchesPart.value;
  if (feet.fraction || /[.,]/.test(feet.number?.text ?? ""))
    return fail({ kind: "decimal-feet-with-inches", at: feet.at });
  if (part.unit === "foot") return fail({ kind: "second-unit", at: part.at });
  if (part.unit !== undefined && part.unit !== "inch") return fail({ kind: "metric-after-feet", at: part.at });
  const rest = leftOver(line, end);
  if (rest) return fail(rest);
  const inchesNm = partToNm(part, "inch");
  if (!inchesNm.ok) return inchesNm;
  if (inchesNm.value >= NM_PER_FOOT) return fail({ kind: "inches-over-a-foot", at: part.at });
  const total = whole.value + inchesNm.value;
  return Number.isSafeInteger(total) ? ok({ exact: nm(total), unit: "in" }) : fail({ kind: "too-long", at: feet.at });
}

/** A whole number or a decimal, or a fraction, or both joined by a space or dash; then perhaps a unit. */
function readPart(line: readonly Token[], from: number): Result<{ part: Part; next: number }, TapeError> {
  const head = line[from];
  if (head === undefined || (head.kind !== "number" && head.kind !== "fraction"))
    return fail({
      kind: head?.kind === "dash" || head?.kind === "plus" ? "stray-mark" : "no-number",
      at: head?.at ?? 0,
    });
  let next = from + 1;
  let fraction = head.kind === "fraction" ? head : undefined;
  if (head.kind === "number") {
    const joined = line[skip(line, next)];
    if (joined?.kind === "fraction") {
      fraction = joined;
      next = skip(line, next) + 1;
    }
  }
  const afterGap = line[next]?.kind === "gap" ? next + 1 : next;
  const unit = line[afterGap];
  if (unit?.kind === "unit") next = afterGap + 1;
  return ok({
    part: {
      at: head.at,
      ...(head.kind === "number" && { number: head }),
      ...(fraction && { fraction }),
      ...(unit?.kind === "unit" && { unit: unit.unit }),
    },
    next,
  });
}

function partToNm(part: Part, unit: UnitWord): Result<Nm, TapeError> {
  const perUnit = NM_PER_UNIT[unit];
  let total = 0;
  if (part.number) {
    const at = part.number.at;
    const decimal = readDecimal(part.number.text);
    if (!decimal.ok) return fail({ ...decimal.error, at });
    if (part.fraction && /[.,]/.test(part.number.text)) return fail({ kind: "decimal-with-fraction", at });
    const length = decimalToNm(decimal.value, perUnit);
    if (!length.ok) return fail({ ...length.error, at });
    total = length.value;
  }
  if (part.fraction) {
    const { at, numerator, denominator } = part.fraction;
    if (!DENOMINATORS.includes(denominator)) return fail({ kind: "denominator", at, denominator });
    if (numerator >= denominator) return fail({ kind: "improper-fraction", at, numerator, denominator });
    total += (numerator * perUnit) / denominator;
  }
  return Number.isSafeInteger(total) ? ok(nm(total)) : fail({ kind: "too-long", at: part.at });
}

/** Past one joiner: a gap, a dash, or a dash with gaps about it. */
function skip(line: readonly Token[], from: number): number {
  let i = from;
  if (line[i]?.kind === "gap") i++;
  if (line[i]?.kind === "dash") i++;
  if (line[i]?.kind === "gap") i++;
  return i;
}

function leftOver(line: readonly Token[], from: number): TapeError | undefined {
  const token = line.slice(from).find((t) => t.kind !== "gap" && t.kind !== "dash") ?? line[from];
  if (token === undefined) return undefined;
  if (token.kind === "number" || token.kind === "fraction") return { kind: "second-number", at: token.at };
  return { kind: token.kind === "unit" ? "second-unit" : "stray-mark", at: token.at };
}

const withoutGapAtEnd = (line: readonly Token[]): readonly Token[] =>
  line.at(-1)?.kind === "gap" ? line.slice(0, -1) : line;
