import type { Payloads } from "../log/kinds.ts";
import type { PaneBook } from "./book.ts";
import type { Reckoning } from "./reckoning.ts";

/** Where a pane is, as it is written on its label. @example "No. 5, back bedroom, lower sash" */
export const labelOf = (book: PaneBook): string =>
  [book.added.address, book.added.opening, book.added.light].filter(Boolean).join(", ");

/** What goes on an order for a pane as it is reckoned now: glass size, nothing more to come off. */
export const orderLineOf = (book: PaneBook, r: Reckoning): Omit<Payloads["order.line"], "line"> | null =>
  r.cut.ok
    ? {
        widthNm: r.cut.value.glass.width,
        heightNm: r.cut.value.glass.height,
        thicknessNm: r.glass.thickness,
        glass: r.glass.kind,
        edges: r.glass.edges,
        pattern: r.glass.pattern ?? "",
        label: labelOf(book),
        grid: r.rule.grid,
      }
    : null;
