/** What a question of the side can be answered with: chips of a step's card, or the answers at the head of a station. */
const ANSWERS = "#stage-side [data-answers] :is(label.chip, .answer)";

const isSeen = (element: HTMLElement): boolean => element.getClientRects().length > 0;

/**
 * The answer that a digit gives while the side has the focus; undefined anywhere else, or where nothing is asked: the digit then
 * opens a station as on the whole page.
 */
export function answerByKey(e: KeyboardEvent): HTMLElement | undefined {
  if (!/^[1-9]$/.test(e.key)) return undefined;
  if (!(e.target instanceof HTMLElement && e.target.closest("#stage-side"))) return undefined;
  return [...document.querySelectorAll<HTMLElement>(ANSWERS)].filter(isSeen)[Number(e.key) - 1];
}
