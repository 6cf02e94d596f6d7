import type { Compound } from "../../bed/compound.ts";
import type { FacingSign } from "../../set/facing.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** What a compound was on the day it was used. */
export type SetAs = Pick<
  Compound,
  "kind" | "name" | "handsOffHours" | "leastDays" | "mostDays" | "leastC" | "dryBefore" | "primeRebate" | "mostC"
>;

/** Setting: what their entries carry. */
export type SetPayloads = {
  "set.done": {
    readonly day: string;
    readonly compound: string;
    readonly sprigs: number | null;
    /** Its figures as they stood that day, whatever becomes of the list. */
    readonly as?: SetAs | undefined;
  };
  /** What it was set in, as its label says: kept for the record, and for whoever asks in five years. */
  "set.material": { readonly what: string; readonly batch: string; readonly expiry: string | null };
  /** The pane that the tag on the sash names, as it was read when the sash came back. */
  "set.tag": { readonly tag: string };
  /** The sign that said which face goes in, and what was seen of it. */
  "set.facing": { readonly sign: FacingSign; readonly seen: string };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const SET_KINDS: KindFactsOf<SetPayloads> = {
  "set.done": { about: ["pane"], key: one, apart: "whole" },
  "set.material": { about: ["pane"], key: null },
  "set.tag": { about: ["pane"], key: one, apart: "whole" },
  "set.facing": { about: ["pane"], key: one, apart: "whole" },
};
