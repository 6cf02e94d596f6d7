import type { Bars } from "../../measure/found.ts";
import type { Pence } from "../../money/pence.ts";
import type { ChasedHow } from "../../order/chased.ts";
import type { CheckLook } from "../../order/check-looks.ts";
import type { HadFrom, Whose } from "../../order/had.ts";
import { lineWithInsert, lineWithWhole } from "../../order/line-up.ts";
import type { Edges, GlassKind } from "../../specify/glass.ts";
import type { Looks, Part } from "../../specify/looks.ts";
import type { Makeup } from "../../specify/makeup.ts";
import type { LineWhole } from "../../specify/whole.ts";
import type { Written } from "../../tape/written.ts";
import type { Grid } from "../../units/length.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";
import type { Corner } from "./size.ts";

/** Glass that is here already, as it was measured; `gone` takes it back. */
export type Had = {
  readonly from: HadFrom;
  readonly width: Written;
  readonly height: Written;
  readonly thickness?: Written | undefined;
  /** What glass it is; left out where nobody said. */
  readonly glass?: GlassKind | undefined;
  /** Edges that are still to be cut off what lies in the rack. */
  readonly cuts?: number | undefined;
  readonly note: string;
  readonly gone?: boolean | undefined;
};

/** What a delivery note says of one line. */
export type NoteLine = {
  readonly line: string;
  readonly widthNm: number;
  readonly heightNm: number;
  readonly thicknessNm: number;
  readonly says: string;
};

export type QuoteLine = {
  readonly pane: string | null;
  readonly says: string;
  readonly pence: Pence;
  /** What else could be done, tax and visits in it. */
  readonly others?: readonly { readonly says: string; readonly pence: Pence }[] | undefined;
};

/** What was looked at when a pane came, beside its two sides. */
export type CheckedMore = {
  readonly up?: Written | undefined;
  readonly down?: Written | undefined;
  readonly thickness?: Written | undefined;
  readonly looks?: { readonly [L in CheckLook]?: "good" | "bad" | undefined } | undefined;
};

/** Orders, glass that is here without one, and quotes: what their entries carry. */
export type OrderPayloads = {
  "order.opened": { readonly supplier: string; readonly reference: string };
  "order.line": {
    readonly line: string;
    readonly widthNm: number;
    readonly heightNm: number;
    readonly thicknessNm: number;
    readonly glass: GlassKind;
    readonly edges: Edges;
    readonly pattern: string;
    readonly label: string;
    readonly grid: Grid;
    /**
     * Sizes above are the glass's own, always. Where the order states the opening, it states glass and allowance together,
     * and the cutter takes the allowance off again, once.
     */
    readonly basis?: "opening" | undefined;
    readonly makeup?: Makeup | undefined;
    readonly allowanceNm?: { readonly width: number; readonly height: number } | undefined;
    readonly looks?: Looks | undefined;
    /** Made whole, with its glass in it: the sizes above are its own. */
    readonly whole?: LineWhole | undefined;
    /** Bars in the unit, as counted and spaced. */
    readonly bars?: Bars | undefined;
    /** What comes with it. */
    readonly parts?: readonly Part[] | undefined;
    /** What else whoever makes it must know. */
    readonly note?: string | undefined;
    /** A shaped pane: the sizes above are the rectangle round it. */
    readonly corners?: readonly Corner[] | undefined;
    /** Cut to a template that goes with the order: the sizes above are the rectangle round it. */
    readonly template?: true | undefined;
    /** What this supplier sends comes larger than a size goes by: so much more than their grid alone is left off above. */
    readonly theirsLargerNm?: { readonly width: number; readonly height: number } | undefined;
  };
  "order.line-dropped": { readonly line: string; readonly reason: string };
  "order.sent": { readonly day: string; readonly due: string };
  "order.arrived": { readonly day: string };
  "order.checked": {
    readonly line: string;
    readonly width: Written;
    readonly height: Written;
    readonly verdict: "accepted" | "accepted-with-note" | "sent-back";
    readonly reason: string;
  } & CheckedMore;
  /** Blanks or contradictions that somebody looked at and stood by. */
  "order.stood-by": { readonly ids: readonly string[]; readonly reason: string };
  /** Figures of a line that the other side repeated, as agreed on the telephone. */
  "order.read-back": { readonly line: string; readonly figures: readonly string[] };
  /** Handed to a supplier's own system under a key: the same key never makes a second order. */
  "order.handed": { readonly key: string; readonly to: string };
  "order.acknowledged": {
    readonly day: string;
    readonly pence: Pence | null;
    readonly due: string;
    readonly theirs: string;
    readonly how: "telephone" | "written" | "their system";
  };
  "order.asked": { readonly question: string; readonly line: string | null; readonly asks: string };
  "order.answered": { readonly question: string; readonly answer: string };
  /** A delivery note, before anything was measured. */
  "order.note": { readonly theirs: string; readonly day: string; readonly lines: readonly NoteLine[] };
  /** What became of a pane that was sent back. */
  "order.outcome": {
    readonly line: string;
    readonly outcome: "credit" | "remake" | "came";
    readonly due: string | null;
    readonly note: string;
  };
  /** They gave another day: on the telephone, or asked for it. */
  "order.promised": { readonly due: string; readonly note: string };
  /** Somebody asked after it, with what they said, and the new day where they gave one. */
  "order.chased": { readonly day: string; readonly how: ChasedHow; readonly says: string; readonly due: string | null };
  /** It broke after it was accepted, before it was set: whose it is, and nothing stands on that line any more. */
  "order.broke": { readonly line: string; readonly whose: Whose; readonly note: string };
  /** The glass is here without an order: bought over the counter, off the rack, cut here, brought by the customer. */
  "order.had": Had;
  /** It is to be cut here, on the bench, and on no order; false where it is not after all. */
  "order.cut-here": { readonly here: boolean };
  "quote.made": {
    readonly quote: string;
    readonly day: string;
    readonly lines: readonly QuoteLine[];
    readonly taxPence: Pence;
    readonly totalPence: Pence;
  };
  /** What it came to in the end. */
  "quote.spent": {
    readonly quote: string;
    readonly hours: number;
    readonly glassPence: Pence;
    readonly otherPence: Pence;
  };
  "quote.answered": { readonly quote: string; readonly accepted: boolean; readonly day: string; readonly note: string };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const ORDER_KINDS: KindFactsOf<OrderPayloads> = {
  "order.opened": { about: ["order"], key: one, apart: "whole" },
  "order.line": { about: ["order", "pane"], key: (p) => p.line, apart: "whole", up: [lineWithInsert, lineWithWhole] },
  "order.line-dropped": { about: ["order"], key: (p) => p.line, apart: "whole" },
  "order.sent": { about: ["order"], key: one, apart: "whole" },
  "order.arrived": { about: ["order"], key: one, apart: "whole" },
  "order.checked": { about: ["order"], key: (p) => p.line, apart: "whole" },
  "order.stood-by": { about: ["pane"], key: one, apart: "fields" },
  "order.read-back": { about: ["order"], key: (p) => p.line, apart: "fields" },
  "order.handed": { about: ["order"], key: one, apart: "whole" },
  "order.acknowledged": { about: ["order"], key: one, apart: "whole" },
  "order.asked": { about: ["order"], key: (p) => p.question, apart: "whole" },
  "order.answered": { about: ["order"], key: (p) => p.question, apart: "whole" },
  "order.note": { about: ["order"], key: one, apart: "whole" },
  "order.outcome": { about: ["order"], key: (p) => p.line, apart: "whole" },
  "order.promised": { about: ["order"], key: one, apart: "whole" },
  "order.chased": { about: ["order"], key: null },
  "order.broke": { about: ["order"], key: (p) => p.line, apart: "whole" },
  "order.had": { about: ["pane"], key: one, apart: "whole" },
  "order.cut-here": { about: ["pane"], key: one, apart: "whole" },
  "quote.made": { about: ["round"], key: null },
  "quote.spent": { about: ["round"], key: (p) => p.quote, apart: "fields" },
  "quote.answered": { about: ["round"], key: (p) => p.quote, apart: "whole" },
};
