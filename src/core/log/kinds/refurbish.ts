import type { FilledSides } from "../../refurbish/beads-and-seal.ts";
import type { Cleaner, CleanResult } from "../../refurbish/cleaners.ts";
import type { Mm } from "../../units/length.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** What the opened unit is made of, mm: enough for its beads and its sealant. */
export type RefurbishUnit = {
  readonly spacerMm: Mm;
  readonly boreMm2: number;
  readonly channelMm: Mm;
  readonly filledSides: FilledSides;
  readonly keyLegMm: Mm;
};
/** As far as somebody measured it: null where nobody did. */
export type MeasuredUnit = { readonly [K in keyof RefurbishUnit]: RefurbishUnit[K] | null };
export const NOT_MEASURED: MeasuredUnit = {
  spacerMm: null,
  boreMm2: null,
  channelMm: null,
  filledSides: null,
  keyLegMm: null,
};

/** Opening a sealed unit and closing it again: what their entries carry. */
export type RefurbishPayloads = {
  /** Spacer in from the glass edge, mm; null where nobody measured. */
  "refurbish.gaps": Readonly<Record<"left" | "right" | "top" | "bottom", number | null>>;
  "refurbish.panes": { readonly a: string; readonly b: string };
  "refurbish.unit": MeasuredUnit;
  "refurbish.weighed": { readonly grams: number; readonly minutes: number };
  "refurbish.cleaned": { readonly cleaner: Cleaner; readonly result: CleanResult };
  "refurbish.closed": { readonly day: string; readonly sealant: string; readonly lookAgain: string };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const REFURBISH_KINDS: KindFactsOf<RefurbishPayloads> = {
  "refurbish.gaps": { about: ["pane"], key: one, apart: "fields" },
  "refurbish.panes": { about: ["pane"], key: one, apart: "fields" },
  "refurbish.unit": { about: ["pane"], key: one, apart: "fields" },
  "refurbish.weighed": { about: ["pane"], key: null },
  "refurbish.cleaned": { about: ["pane"], key: null },
  "refurbish.closed": { about: ["pane"], key: one, apart: "whole" },
};
