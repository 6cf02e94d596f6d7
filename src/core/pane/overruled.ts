import { exactOf } from "../tape/exact-of.ts";
import type { Nm } from "../units/length.ts";
import type { PaneBook } from "./book.ts";

/** A size that a person put in the place of the sum. */
export function overruleOf(book: PaneBook): { readonly width: Nm; readonly height: Nm } | undefined {
  const width = book.overrule && exactOf(book.overrule.width);
  const height = book.overrule && exactOf(book.overrule.height);
  return width && height ? { width, height } : undefined;
}
