import type { Circumstance } from "../../measure/ways.ts";
import type { Basis } from "../../size/basis.ts";
import type { Hold } from "../../size/lay.ts";
import type { School } from "../../size/school.ts";
import type { Written } from "../../tape/written.ts";
import type { Grid } from "../../units/length.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** A corner of a shaped pane, in nm. */
export type Corner = { readonly x: number; readonly y: number };

/** Sizing the glass: what their entries carry. */
export type SizePayloads = {
  "size.rule": {
    readonly school: School;
    readonly off: Written | null;
    /** The height's own figure, where it is another. */
    readonly offHeight?: Written | null | undefined;
    readonly grid: Grid;
    /** The pane may turn a little to lie best, or is held parallel to the sill. */
    readonly hold?: Hold | undefined;
  };
  "size.overruled": { readonly width: Written; readonly height: Written; readonly reason: string };
  "size.overrule-dropped": Record<string, never>;
  /** Cut to the opening's own shape: corners in nm from the bottom left, bottom edge along x, anticlockwise. */
  "size.shaped": { readonly corners: readonly Corner[]; readonly reason: string };
  "size.shaped-dropped": Record<string, never>;
  "size.basis": { readonly basis: Basis };
  "size.risk-taken": { readonly state: Circumstance | "not-said"; readonly reason: string };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const SIZE_KINDS: KindFactsOf<SizePayloads> = {
  "size.rule": { about: ["pane"], key: one, apart: "whole" },
  "size.overruled": { about: ["pane"], key: one, apart: "whole" },
  "size.overrule-dropped": { about: ["pane"], key: null },
  "size.shaped": { about: ["pane"], key: one, apart: "whole" },
  "size.shaped-dropped": { about: ["pane"], key: null },
  "size.basis": { about: ["pane"], key: one, apart: "whole" },
  "size.risk-taken": { about: ["pane"], key: one, apart: "whole" },
};
