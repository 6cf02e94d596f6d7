import type { Apart } from "../log/apart.ts";
import type { Entry } from "../log/kinds.ts";
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
      says: entryWords(entry, by),
      by: whose(entry, i),
    })),
  };
}
