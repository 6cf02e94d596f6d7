import { isTyping } from "./keys.ts";

/** What can have the focus. */
export const FOCUSABLE =
  'a[href], button:enabled, input:enabled:not([type="hidden"]), select:enabled, textarea:enabled, summary, [tabindex]';

/** Where the focus was: the elements around it, innermost first, each with its place among its neighbours. */
type Place = readonly { readonly element: Element; readonly index: number }[];

const placeOf = (at: Element): Place => {
  const place: { element: Element; index: number }[] = [];
  for (let e: Element | null = at; e && e !== document.body; e = e.parentElement)
    place.push({ element: e, index: e.parentElement ? [...e.parentElement.children].indexOf(e) : 0 });
  return place;
};

const canHave = (e: Element): e is HTMLElement =>
  e instanceof HTMLElement && e.tabIndex >= 0 && e.matches(FOCUSABLE) && e.getClientRects().length > 0;

const comesAfter = (e: Element, at: Element): boolean =>
  (at.compareDocumentPosition(e) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0;

/**
 * What has the focus now that `lost` is gone: the first thing that stands where it stood, or after it; at the end of the
 * page the last one before. Undefined where nothing can have it.
 */
function nextTo(lost: Place): HTMLElement | undefined {
  const region = [...document.querySelectorAll("dialog:modal")].at(-1) ?? document.body;
  const all = [...region.querySelectorAll(FOCUSABLE)].filter(canHave);
  const own = lost[0]?.element;
  if (own?.isConnected) return canHave(own) ? own : (all.find((e) => comesAfter(e, own)) ?? all.at(-1));
  const gone = lost.findLastIndex((p) => !p.element.isConnected);
  const around = lost[gone + 1]?.element ?? document.body;
  const there = around.children[lost[gone]?.index ?? 0];
  const after = (e: Element) =>
    there ? there === e || comesAfter(e, there) : comesAfter(e, around) && !around.contains(e);
  return all.find(after) ?? all.at(-1);
}

let isKept = false;

/**
 * Keeps the focus on a page whose parts come and go. A browser drops it when what had it is taken away or can no longer be
 * used: whoever works by keys would begin again at the top of the page. It goes on to what stands there next instead.
 * A finger that taps is left alone, as a field that takes the focus brings up the keys of the phone; so is who lets go of a
 * field by Escape, or by a click beside it.
 */
export function keepFocus(): void {
  if (isKept) return;
  isKept = true;
  let last: Place | null = null;
  let byFinger = false;
  let frame = 0;
  const check = () => {
    cancelAnimationFrame(frame);
    frame = requestAnimationFrame(() => {
      if (!last || byFinger || document.activeElement !== document.body) return;
      nextTo(last)?.focus({ preventScroll: true });
    });
  };
  document.addEventListener("focusin", (e) => {
    if (e.target instanceof Element) last = placeOf(e.target);
  });
  document.addEventListener("pointerdown", (e) => {
    byFinger = e.pointerType === "touch";
    if (!(e.target instanceof Element && e.target.closest(`${FOCUSABLE}, label`))) last = null;
  });
  document.addEventListener("keydown", (e) => {
    byFinger = false;
    if (e.key !== "Escape") return;
    last = null;
    // Out of a field by Escape: the page's own keys are heard again.
    if (!e.defaultPrevented && e.target instanceof HTMLElement && isTyping(e) && !e.target.closest("dialog[open]"))
      e.target.blur();
  });
  new MutationObserver(check).observe(document.body, {
    subtree: true,
    childList: true,
    attributeFilter: ["disabled", "hidden", "class", "open"],
  });
}
