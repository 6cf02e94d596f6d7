import type { PaneBook } from "../pane/book.ts";
import type { Template } from "../text/template.ts";

/**
 * The old glass that goes back, as far as it has come; words in {braces} are the reader's.
 * @example a misted unit to be resealed // "the old {unit}, to be opened and resealed"
 */
export const oldBackText = ({ before }: Pick<PaneBook, "before">): Template =>
  before.refurbish.closed
    ? "the old {unit}, resealed"
    : before.option?.option === "repack"
      ? "the old glass, as it is"
      : "the old {unit}, to be opened and resealed";
