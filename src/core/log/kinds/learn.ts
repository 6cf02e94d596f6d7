import type { RemakeWhy } from "../../learn/remake.ts";
import type { Went } from "../../learn/went.ts";
import type { Pence } from "../../money/pence.ts";
import type { Whose } from "../../order/had.ts";
import type { Written } from "../../tape/written.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** What the firm learns from: what their entries carry. */
export type LearnPayloads = {
  /** How the pane went in; the room left, both sides of a dimension together, where it was read. */
  "set.fit": {
    readonly went: Went;
    readonly width?: Written | undefined;
    readonly height?: Written | undefined;
  };
  /** A pane that came back: why, whose, and what it cost. `line` names the line of an order it was; "" where it was set. */
  "remake.kept": {
    readonly line: string;
    readonly day: string;
    readonly why: RemakeWhy;
    readonly whose: Whose;
    readonly pence: Pence | null;
    readonly note: string;
    readonly gone?: boolean | undefined;
  };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const LEARN_KINDS: KindFactsOf<LearnPayloads> = {
  "set.fit": { about: ["pane"], key: one, apart: "whole" },
  "remake.kept": { about: ["pane"], key: (p) => p.line, apart: "whole" },
};
