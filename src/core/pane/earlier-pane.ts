import type { Payloads } from "../log/kinds.ts";
import { type Mm, toMm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";
import { standsOf } from "./stands.ts";

/** What an earlier pane in the same opening leaves to the next: what it was, and how its frame comes apart. */
export type EarlierPane = {
  readonly pane: string;
  readonly setDay: string | null;
  /** It is neither set nor signed off: the same opening is on a list twice. */
  readonly isOpen: boolean;
  /** The pane that went in, or is to, mm; null where none was ordered or had. */
  readonly fitted: { readonly widthMm: Mm; readonly heightMm: Mm; readonly thicknessMm: Mm } | null;
  readonly supplier: string | null;
  readonly system: PaneBook["added"]["system"];
  readonly side: PaneBook["added"]["side"];
  readonly detail: Payloads["takeout.detail"];
  readonly joints: Payloads["takeout.joints"] | null;
  readonly profile: string;
  readonly found: Payloads["measure.found"] | null;
  readonly notes: readonly string[];
};

/** The earlier pane's record, as far as it helps: never its readings, for a frame moves. */
export function earlierPane(book: PaneBook): EarlierPane {
  const stands = standsOf(book);
  return {
    pane: book.id,
    setDay: book.set?.day ?? null,
    isOpen: book.set === null && book.signed === null,
    fitted:
      stands.size && stands.thickness !== null
        ? {
            widthMm: toMm(stands.size.width),
            heightMm: toMm(stands.size.height),
            thicknessMm: toMm(stands.thickness),
          }
        : null,
    supplier: book.line?.order.supplier ?? null,
    system: book.added.system,
    side: book.added.side,
    detail: book.before.detail,
    joints: book.before.joints,
    profile: book.before.profile,
    found: book.found,
    notes: book.notes.map((n) => n.payload.text),
  };
}
