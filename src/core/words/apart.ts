import type { Apart } from "../log/apart.ts";
import type { Entry } from "../log/kinds.ts";
import { readTape } from "../tape/read.ts";
import { writeNumber } from "../tape/write.ts";
import type { LengthUnit } from "../units/length.ts";
import { entryWords } from "./entry.ts";
import type { Prefs } from "./prefs.ts";

/** Two answers to one thing, as somebody is told of them who is to say which stands. */
export type ApartWords = {
  readonly says: string;
  readonly choices: readonly { readonly entry: Entry; readonly says: string; readonly by: string }[];
};

/** @example "Bram wrote at 10:02 and Nell at 10:40; neither had seen the other’s. Nell’s stands for now." */
export function apartWords({ earlier, later }: Apart, by: Pick<Prefs, "unit" | "dialect">): ApartWords {
  const whose = (e: Entry, i: number): string =>
    earlier.who === later.who ? (i === 0 ? "the first" : "the second") : `${e.who}’s`;
  const time = (e: Entry): string =>
    earlier.at.slice(0, 10) === later.at.slice(0, 10)
      ? e.at.slice(11, 16)
      : `${e.at.slice(11, 16)} on ${e.at.slice(0, 10)}`;
  const both =
    earlier.who === later.who
      ? `${earlier.who} wrote at ${time(earlier)} and at ${time(later)} on another device; neither had the other’s.`
      : `${earlier.who} wrote at ${time(earlier)} and ${later.who} at ${time(later)}; neither had seen the other’s.`;
  return {
    says: `${both} For now ${whose(later, 1)} stands.`,
    choices: [earlier, later].map((entry, i) => ({
      entry,
      says: `${entryWords(entry, by)}${inTheirUnit(entry, by.unit)}`,
      by: whose(entry, i),
    })),
  };
}

/** A length in the other unit is said in the reader's too: two of them are held side by side. @example 23 13/16 in, to somebody in mm // " (604.8 mm)" */
function inTheirUnit(e: Entry, unit: LengthUnit): string {
  if (e.kind !== "measure.reading" || e.payload.unit === unit) return "";
  const read = readTape(e.payload.text, e.payload.unit);
  return read.ok ? ` (${writeNumber(read.value.adjusted, unit, { places: 1, ticks: 32 })} ${unit})` : "";
}
