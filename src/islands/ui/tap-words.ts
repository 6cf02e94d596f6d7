import { useEffect } from "react";
import type { Dialect } from "../../core/words/dialect.ts";
import { wordAt } from "../../core/words/word-at.ts";

/** What a tap does something else on. */
const ACTS = "a, button, label, input, select, textarea, summary, svg, [contenteditable], [popover], [data-quiet]";

/** Where a caret would stand at a point of the screen; older browsers give it as a range. */
function caretAt(x: number, y: number): { readonly node: Node; readonly offset: number } | null {
  const caret = document.caretPositionFromPoint?.(x, y);
  if (caret) return { node: caret.offsetNode, offset: caret.offset };
  const range = document.caretRangeFromPoint?.(x, y);
  return range ? { node: range.startContainer, offset: range.startOffset } : null;
}

/** The text under a point of the screen, and which of its characters. */
function textAt(x: number, y: number): { readonly text: string; readonly at: number } | null {
  const caret = caretAt(x, y);
  const node = caret?.node;
  if (!caret || node?.nodeType !== Node.TEXT_NODE) return null;
  const text = node.textContent ?? "";
  // The caret stands before or after the character that was met: whose box holds the point?
  const meets = (at: number): boolean => {
    if (at < 0 || at >= text.length) return false;
    const range = document.createRange();
    range.setStart(node, at);
    range.setEnd(node, at + 1);
    return [...range.getClientRects()].some((b) => x >= b.left && x <= b.right && y >= b.top && y <= b.bottom);
  };
  const at = [caret.offset, caret.offset - 1].find(meets);
  return at === undefined ? null : { text, at };
}

/** Where what a word means is shown: one for the page, taken away by the next tap. */
function shown(): HTMLElement {
  const there = document.getElementById("word-met");
  if (there) return there;
  const made = document.createElement("p");
  made.id = "word-met";
  made.popover = "auto";
  made.className = "meaning";
  made.setAttribute("role", "status");
  document.body.append(made);
  return made;
}

/** A word of the trade is explained wherever it stands: by a tap on it, in the reader's own words. */
export function useTappedWords(dialect: Dialect): void {
  useEffect(() => {
    const onClick = (e: MouseEvent) => {
      const on = e.target instanceof Element ? e.target : null;
      if (!on || e.defaultPrevented || on.closest(ACTS) || getComputedStyle(on).cursor === "pointer") return;
      if (document.getSelection()?.isCollapsed === false) return;
      const met = textAt(e.clientX, e.clientY);
      const word = met && wordAt(met.text, met.at, dialect);
      if (!word) return;
      const box = shown();
      const name = document.createElement("strong");
      name.textContent = word.word.charAt(0).toUpperCase() + word.word.slice(1);
      box.replaceChildren(name, `: ${word.means}.`);
      box.showPopover();
    };
    document.addEventListener("click", onClick);
    return () => document.removeEventListener("click", onClick);
  }, [dialect]);
}
