import type { CheckLook } from "../order/check-looks.ts";
import type { HadFrom, Whose } from "../order/had.ts";
import type { PriceList } from "../order/price.ts";
import type { MakesOf } from "../order/sources.ts";
import type { TheirCutting } from "../order/their-cutting.ts";
import type { Written } from "../tape/written.ts";

/** Glass that is here already, as it was measured; `gone` takes it back. */
export type Had = {
  readonly from: HadFrom;
  readonly width: Written;
  readonly height: Written;
  readonly thickness?: Written | undefined;
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

/** Ordering beyond the order itself: terms, read-back, answers, notes, what became of what went back; and quotes. */
export type OrderPayloads = {
  /** What a supplier makes and asks. One of the same name replaces it. */
  "supplier.terms": { readonly name: string; readonly makes: readonly MakesOf[] } & PriceList & TheirCutting;

  /** Blanks or contradictions that somebody looked at and stood by. */
  "order.stood-by": { readonly ids: readonly string[]; readonly reason: string };
  /** Figures of a line that the other side repeated, as agreed on the telephone. */
  "order.read-back": { readonly line: string; readonly figures: readonly string[] };
  /** Handed to a supplier's own system under a key: the same key never makes a second order. */
  "order.handed": { readonly key: string; readonly to: string };
  "order.acknowledged": {
    readonly day: string;
    readonly pence: number | null;
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
  /** It broke after it was accepted, before it was set: whose it is, and nothing stands on that line any more. */
  "order.broke": { readonly line: string; readonly whose: Whose; readonly note: string };
  /** The glass is here without an order: bought over the counter, off the rack, cut here, brought by the customer. */
  "order.had": Had;

  "quote.made": {
    readonly quote: string;
    readonly day: string;
    readonly lines: readonly QuoteLine[];
    readonly taxPence: number;
    readonly totalPence: number;
  };
  /** What it came to in the end. */
  "quote.spent": {
    readonly quote: string;
    readonly hours: number;
    readonly glassPence: number;
    readonly otherPence: number;
  };
  "quote.answered": { readonly quote: string; readonly accepted: boolean; readonly day: string; readonly note: string };
};

export type QuoteLine = {
  readonly pane: string | null;
  readonly says: string;
  readonly pence: number;
  /** What else could be done, tax and visits in it. */
  readonly others?: readonly { readonly says: string; readonly pence: number }[] | undefined;
};

/** What was looked at when a pane came, beside its two sides. */
export type CheckedMore = {
  readonly up?: Written | undefined;
  readonly down?: Written | undefined;
  readonly thickness?: Written | undefined;
  readonly looks?: { readonly [L in CheckLook]?: "good" | "bad" | undefined } | undefined;
};
