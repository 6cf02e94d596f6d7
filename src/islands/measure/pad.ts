import type { LengthUnit } from "../../core/units/length.ts";

/** What is tapped so far on the number pad: whole units as digits, a tick on the strip of tape, a hair either way. */
export type Pad = {
  readonly unit: LengthUnit;
  readonly whole: string;
  /** Inches: thirty-seconds, 0 to 31. Millimetres: 0 or 1 half. Null: not tapped. */
  readonly tick: number | null;
  readonly hair: "" | "+" | "-";
};

export type PadEvent =
  | { readonly kind: "digit"; readonly digit: string }
  | { readonly kind: "rub-out" }
  | { readonly kind: "tick"; readonly tick: number }
  | { readonly kind: "hair"; readonly hair: "+" | "-" }
  | { readonly kind: "unit"; readonly unit: LengthUnit }
  | { readonly kind: "clear" };

export const emptyPad = (unit: LengthUnit): Pad => ({ unit, whole: "", tick: null, hair: "" });

const MOST_DIGITS = { in: 3, mm: 5 } as const;

/** One tap on the pad. A second tap on the same hair takes it off again; rubbing out goes hair, tick, digit. */
export function tapped(pad: Pad, event: PadEvent): Pad {
  switch (event.kind) {
    case "digit": {
      const whole = pad.whole === "0" ? event.digit : pad.whole + event.digit;
      return whole.length > MOST_DIGITS[pad.unit] ? pad : { ...pad, whole };
    }
    case "rub-out":
      if (pad.hair !== "") return { ...pad, hair: "" };
      if (pad.tick !== null && pad.tick !== 0) return { ...pad, tick: null };
      return { ...pad, tick: null, whole: pad.whole.slice(0, -1) };
    case "tick":
      return pad.unit === "in" ? { ...pad, tick: event.tick } : onMetricStrip(pad, event.tick);
    case "hair":
      return { ...pad, hair: pad.hair === event.hair ? "" : event.hair };
    case "unit":
      return emptyPad(event.unit);
    case "clear":
      return emptyPad(pad.unit);
  }
}

/** The metric strip shows the centimetre that holds the number: tick 0 is its start, each tick half a millimetre. */
export const stripStart = (pad: Pad): number => Math.floor(Number(pad.whole || "0") / 10) * 10;

function onMetricStrip(pad: Pad, tick: number): Pad {
  const halves = stripStart(pad) * 2 + tick;
  return { ...pad, whole: String(Math.floor(halves / 2)), tick: halves % 2 };
}

/** The reading as it would be written. @example padText({ unit: "in", whole: "35", tick: 14, hair: "" }) // "35 7/16" */
export function padText(pad: Pad): string {
  if (pad.whole === "" && pad.tick === null) return "";
  const whole = pad.whole || "0";
  if (pad.unit === "mm") return `${whole}${pad.tick === 1 ? ".5" : ""}${pad.hair}`;
  const [n, d] = lowest(pad.tick ?? 0);
  return `${n === 0 ? whole : `${pad.whole === "" ? "" : `${pad.whole} `}${n}/${d}`}${pad.hair}`;
}

/** Thirty-seconds in lowest terms. @example lowest(14) // [7, 16] */
export function lowest(tick: number): readonly [number, number] {
  let [n, d] = [tick, 32];
  while (n > 0 && n % 2 === 0) [n, d] = [n / 2, d / 2];
  return [n, n === 0 ? 1 : d];
}
