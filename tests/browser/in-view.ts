import type { Page } from "@playwright/test";

/** What stands before somebody who has just opened a page: things to touch, words to read, and words that are cut off. */
export type InView = { readonly controls: number; readonly words: number; readonly clipped: readonly string[] };

/** Counts what can be seen of `main` without scrolling. A line that ends in dots, or goes on where it scrolls, is not cut off. */
export const inView = (page: Page): Promise<InView> =>
  page.evaluate(() => {
    const main = document.querySelector("main");
    if (!main) throw new Error("no page");
    const ancestors = (e: Element): Element[] =>
      e === main || !e.parentElement ? [] : [e, ...ancestors(e.parentElement)];
    const over = (a: DOMRect, b: { left: number; right: number; top: number; bottom: number }): boolean =>
      a.bottom > b.top && a.top < b.bottom && a.right > b.left && a.left < b.right;
    const isSeen = (e: Element): boolean => {
      const box = e.getBoundingClientRect();
      if (box.width < 2 || box.height < 2) return false;
      if (!over(box, { left: 0, right: window.innerWidth, top: 0, bottom: window.innerHeight })) return false;
      if (getComputedStyle(e).visibility === "hidden") return false;
      return ancestors(e).every((p) => {
        const { overflowX, overflowY, clipPath } = getComputedStyle(p);
        if (clipPath !== "none") return false;
        return overflowX === "visible" && overflowY === "visible" ? true : over(box, p.getBoundingClientRect());
      });
    };
    const cutOff = (box: DOMRect, by: Element): boolean => {
      const { overflowX, overflowY, textOverflow, webkitLineClamp } = getComputedStyle(by);
      if (textOverflow === "ellipsis" || webkitLineClamp !== "none") return false;
      const room = by.getBoundingClientRect();
      return (
        (overflowX === "hidden" && box.right > room.right + 2) ||
        (overflowY === "hidden" && box.bottom > room.bottom + 3)
      );
    };
    const controls = [...main.querySelectorAll("button, a[href], input, select, textarea, summary, [role=button]")];
    let words = 0;
    const clipped: string[] = [];
    const all = document.createTreeWalker(main, NodeFilter.SHOW_TEXT);
    for (let node = all.nextNode(); node; node = all.nextNode()) {
      const says = node.textContent?.trim() ?? "";
      const e = node.parentElement;
      if (says === "" || !e || e.closest("title, option, .sr-only") || !isSeen(e)) continue;
      words += says.split(/\s+/).length;
      const range = document.createRange();
      range.selectNodeContents(node);
      const box = range.getBoundingClientRect();
      // The nearest that hides what goes beyond it; what scrolls shows it sooner or later.
      const hides = ancestors(e).find((p) => {
        const { overflowX, overflowY } = getComputedStyle(p);
        return overflowX !== "visible" || overflowY !== "visible";
      });
      const cut = hides !== undefined && cutOff(box, hides);
      const dots = ancestors(e).some((p) => getComputedStyle(p).textOverflow === "ellipsis");
      const scrolls = ancestors(e).some(
        (p) => /auto|scroll/.test(getComputedStyle(p).overflowX) && p.scrollWidth > p.clientWidth,
      );
      if (cut || (box.right > window.innerWidth + 1 && !dots && !scrolls)) clipped.push(says.slice(0, 60));
    }
    return { controls: controls.filter(isSeen).length, words, clipped: [...new Set(clipped)] };
  });
