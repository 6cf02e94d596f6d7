import type { Bond, Compound, CompoundId } from "../bed/compound.ts";
import { COMPOUNDS, compoundById, ITS_LABEL, kindNamed } from "../bed/compounds.ts";
import { type Against, compatible } from "../bed/touches.ts";
import { frameOf, type System } from "../frame/systems.ts";
import { detailOf } from "../frame/told-detail.ts";
import type { Glass } from "../specify/glass.ts";
import type { PaneBook } from "./book.ts";
import { isUnit } from "./unit.ts";
import { wholeOf } from "./whole-here.ts";

/* The joint of what a pane lies in: from its book and the firm's list to one compound, and who said so. */

/** What the old glass was stuck with: as was said, or what such a frame always has. */
export const oldBondOf = (book: Pick<PaneBook, "added" | "before">): Bond =>
  frameOf(book.added.system).oldBond(detailOf(book.added.system, book.before.detail));

const FRAME_TOUCHES: Readonly<Record<"timber" | "plastic" | "metal", Against>> = {
  timber: "bare-timber",
  plastic: "plastic",
  metal: "aluminium",
};

/** What a setting material touches at this pane: the glass or its edge seal, and the frame. */
export function againstOf(book: PaneBook, glass: Pick<Glass, "kind">): readonly Against[] {
  const laminated = glass.kind === "laminated" || (book.makeup?.panes.some((p) => p.kind === "laminated") ?? false);
  return [
    ...(isUnit(book) ? (["unit"] as const) : []),
    ...(laminated ? (["laminated"] as const) : []),
    ...(glass.kind === "toughened" ? (["toughened"] as const) : []),
    FRAME_TOUCHES[frameOf(book.added.system).material],
  ];
}

/** Whether a compound may be used here, and why not. */
export const mayTouch = (
  compound: Pick<Compound, "kind">,
  book: PaneBook,
  glass: Pick<Glass, "kind">,
): ReturnType<typeof compatible> => compatible(compound.kind, againstOf(book, glass));

/** What stands in where the usual may not touch this glass, the first that may. */
const INSTEAD: readonly CompoundId[] = ["silicone", "acrylic", "tape"];

export type BedHere = {
  readonly compound: Compound;
  /** It is hung or fixed whole; or as it was set; chosen for this pane; the firm's usual for such frames; the trade's usual; or another, as that may not touch. */
  readonly from: "set" | "chosen" | "house" | "usual" | "instead" | "whole";
};

/** What is made whole hangs on its own hinges or is fixed through its own frame: nothing of it cures. */
const OWN_FIXINGS: Compound = {
  ...kindNamed("gasket"),
  name: "Its own fixings",
  needs: "Nothing to cure: it opens, shuts and locks at once.",
};

/** The firm's list, and its usual by frame. */
export type BedsBy = {
  readonly compounds?: readonly Compound[] | undefined;
  readonly usualBeds?: ReadonlyMap<System, string> | undefined;
};

/**
 * What the pane is set in: what was used, as it was then; else what was chosen; else what the firm mostly takes for such
 * a frame, or the trade does, unless that may not touch this glass; then the first that may.
 * @example laminated glass in a putty sash, nothing chosen // neutral-cure silicone, "instead"
 */
export function bedHere(book: PaneBook, glass: Pick<Glass, "kind">, by: BedsBy = {}): BedHere {
  // A sash or a window is hung or fixed: its glass lies in what its maker laid it in.
  const whole = wholeOf(book);
  if (whole === "sash" || whole === "window") return { compound: OWN_FIXINGS, from: "whole" };
  const all = by.compounds ?? COMPOUNDS;
  const frame = frameOf(book.added.system);
  const trade = frame.usualBed(oldBondOf(book));
  if (book.set) return { compound: asSet(book.set, trade, all), from: "set" };
  const chosen = book.bed === null ? undefined : compoundById(book.bed, all);
  if (chosen) return { compound: chosen, from: "chosen" };
  const own = compoundById(by.usualBeds?.get(book.added.system) ?? "", all);
  const usual = own ?? kindNamed(trade);
  if (mayTouch(usual, book, glass).says !== "no") return { compound: usual, from: own ? "house" : "usual" };
  const other = INSTEAD.find((id) => mayTouch(kindNamed(id), book, glass).says !== "no");
  return { compound: kindNamed(other ?? trade), from: "instead" };
}

/** What it was set in, with the figures that were written down then; older entries carry the name alone. */
function asSet(set: NonNullable<PaneBook["set"]>, trade: CompoundId, all: readonly Compound[]): Compound {
  if (set.as) {
    const kind = kindNamed(set.as.kind);
    return { ...kind, ...set.as, id: set.compound, source: set.compound === kind.id ? kind.source : ITS_LABEL };
  }
  // One name stood for tape and for gaskets once: the frame told them apart.
  const id = set.compound === "tape" && trade === "gasket" ? "gasket" : set.compound;
  return compoundById(id, all) ?? kindNamed(trade);
}

/**
 * Whether somebody still has to say what the pane is set in. A frame that seals by its own gaskets leaves nothing to choose,
 * and what the firm calls its usual is chosen.
 * @example usual linseed in a putty sash, nothing said // true
 */
export const bedIsAsked = (from: BedHere["from"], compound: Pick<Compound, "bed">): boolean =>
  from === "instead" || (from === "usual" && compound.bed !== "gasket");
