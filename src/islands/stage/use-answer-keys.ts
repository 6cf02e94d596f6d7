import { useKeys } from "../ui/keys.ts";

/** What a question of the side can be answered with: chips of a step's card, or the answers at the head of a station. */
const ANSWERS = "#stage-side [data-answers] :is(label.chip, .answer)";

const isSeen = (of: HTMLElement): boolean => of.getClientRects().length > 0;

/**
 * While the side has the focus a digit gives the answer that bears it; anywhere else, or where nothing is asked, it opens a
 * station as on the whole page.
 */
export function useAnswerKeys(): void {
  useKeys((e) => {
    if (!/^[1-9]$/.test(e.key)) return null;
    if (!(e.target instanceof HTMLElement && e.target.closest("#stage-side"))) return null;
    const answer = [...document.querySelectorAll<HTMLElement>(ANSWERS)].filter(isSeen)[Number(e.key) - 1];
    return answer ? () => answer.click() : null;
  });
}
