import { HOUSE_DEFAULTS } from "../house/rules.ts";
import type { SetAs } from "../log/kinds/set.ts";
import { HEIGHTS, WIDTHS } from "../measure/places.ts";
import { openingBy } from "../measure/reckoned.ts";
import { throughBoth } from "../measure/twist.ts";
import type { Chase } from "../order/chased.ts";
import type { LineState } from "../order/line-state.ts";
import type { MakesOf } from "../order/sources.ts";
import { bedHere } from "../pane/bed-here.ts";
import type { PaneBook } from "../pane/book.ts";
import { fitRules } from "../pane/copied-size.ts";
import { glassOf } from "../pane/glass-here.ts";
import { oldGlassBack } from "../pane/old-glass.ts";
import { standsOpen } from "../pane/open-hole.ts";
import { labelOf } from "../pane/order-line.ts";
import { readingsOf } from "../pane/readings-of.ts";
import { needsOf } from "../pane/source-facts.ts";
import { isHere, standsOf } from "../pane/stands.ts";
import type { Template } from "../text/template.ts";

/**
 * What the board of orders and a round's alerts say of a pane, without working its size out: kept in a table, so that a list
 * of thousands costs no sums. Days are `yyyy-mm-dd`. Nothing here depends on today or on the firm's rules.
 */
export type BoardFacts = {
  readonly where: string;
  readonly wantsBy: string | null;
  /** Hours for which what it is usually set in must not be touched. */
  readonly handsOffHours: number;
  /** What of whoever makes it: by that it is known how long it takes. */
  readonly needs: MakesOf;
  /** A width and a height can be read: it can go on an order. */
  readonly sized: boolean;
  readonly oldBack: boolean;
  /** The glass is here without an order. */
  readonly had: boolean;
  readonly openHole: boolean;
  /** Nothing waits for its glass any more. */
  readonly done: boolean;
  readonly line: {
    readonly supplier: string;
    readonly order: string;
    readonly state: LineState;
    readonly due: string | null;
    readonly arrived: string | null;
    /** When somebody last asked after it, and how often. */
    readonly asked: { readonly day: string; readonly times: number } | null;
  } | null;
  /** Set, and waiting for paint. */
  readonly unpainted: { readonly set: string; readonly compound: Template; readonly as: SetAs | null } | null;
  readonly closed: {
    readonly how: string;
    readonly since: string;
    readonly until: string;
    readonly told: string;
  } | null;
};

export function boardFacts(book: PaneBook): BoardFacts {
  const on = book.line;
  const glass = glassOf(book, HOUSE_DEFAULTS);
  return {
    where: labelOf(book),
    wantsBy: book.before.wants?.by ?? null,
    handsOffHours: bedHere(book, glass).compound.handsOffHours,
    needs: needsOf(book, { glass }),
    sized: isSized(book),
    oldBack: oldGlassBack(book),
    had: isHere(book) && standsOf(book).line === null,
    openHole: standsOpen(book),
    done: book.set !== null || book.signed !== null,
    line: on && {
      supplier: on.order.supplier,
      order: on.order.id,
      state: on.line.state,
      due: on.line.due,
      arrived: on.order.arrived,
      asked: askedAfter(on.order.chases),
    },
    unpainted:
      book.set && !book.painted && !book.paintLeft
        ? { set: book.set.day, compound: book.set.compound, as: book.set.as ?? null }
        : null,
    closed: book.closed && !book.set ? { ...book.closed } : null,
  };
}

const askedAfter = (chases: readonly Chase[]) => {
  const last = chases.at(-1);
  return last ? { day: last.day, times: chases.length } : null;
};

/** A width and a height can be read, the way it is measured. */
function isSized(book: PaneBook): boolean {
  const { readings } = openingBy(book.way, throughBoth(readingsOf(book).readings), {
    sits: book.sits,
    ...fitRules(HOUSE_DEFAULTS),
  });
  return [WIDTHS, HEIGHTS].every((places) => places.some((p) => readings[p] !== undefined));
}
