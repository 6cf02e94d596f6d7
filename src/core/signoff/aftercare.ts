import type { Bed } from "../bed/compound.ts";
import type { Cause } from "../look/damage.ts";
import type { Day } from "../units/day.ts";

/** What aftercare follows from: what was fitted, in what, when, and why the old one failed. */
export type AftercareFacts = {
  readonly sealed: boolean;
  readonly toughened: boolean;
  readonly coated: boolean;
  /** Set in putty, in sealant, or neither wet. */
  readonly bed: Bed;
  readonly opens: boolean;
  readonly shutUntil: Day | null;
  readonly paintFrom: Day | null;
  readonly paintBy: Day | null;
  readonly painted: boolean;
  readonly cause: Cause | null;
  readonly drains: boolean;
  /** Film or stickers are on it still: we come for them. */
  readonly stickers: boolean;
};

export type AftercareLine = { readonly id: string; readonly says: string; readonly day?: Day };

/** What keeps the new one from going the same way, in the customer's words. */
export const AFTERCARE_CAUSES: Readonly<Record<Cause, string>> = {
  impact: "It was knocked: if it is likely to happen again, ask us about safety glass.",
  "break-in": "It was forced: have the lock and its keeps looked at, and ask us about laminated glass.",
  hail: "Hail broke it: look at the other panes on that side.",
  heat: "Heat behind a blind broke it: leave a hand's width open above and below the blind, and keep heaters off the glass.",
  shock: "Sudden heat or cold broke it: no hot water on ice, no hose on sun-warmed glass.",
  water: "It stood in water: keep the small holes at the foot of the frame clear, and look at them once a year.",
  packing: "It stood wrong in its frame: that is put right.",
  twist: "The frame had moved: if it sticks again, tell us before you force it.",
  nail: "A fixing stood too near the glass: put no screw or nail into the frame beside it.",
  age: "It had lived its time: those of the same age may follow, so look at them when you clean.",
  wish: "It was changed for its looks: there is nothing to mind that was not there before.",
  unknown: "We could not see why it broke: if another does, tell us before it is cleared away.",
};

/** What is said otherwise where safety glass went in already. */
const SAFE_NOW: Readonly<Partial<Record<Cause, string>>> = {
  impact: "It was knocked: what went in is safety glass. See what would keep the next knock off it.",
};

/** What the customer does and leaves alone, in their words, no jargon: a line each, the pressing ones first. */
export function aftercareOf(f: AftercareFacts): readonly AftercareLine[] {
  const out: AftercareLine[] = [];
  const add = (when: boolean, line: AftercareLine) => {
    if (when) out.push(line);
  };
  add(f.opens && f.shutUntil !== null, {
    id: "shut",
    says: "Leave it shut until",
    ...(f.shutUntil === null ? {} : { day: f.shutUntil }),
  });
  add(f.bed === "putty" && !f.painted, {
    id: "soft",
    says: "What holds the glass is still soft: do not press it, lean on it or wash it.",
  });
  add(f.paintFrom !== null && !f.painted, {
    id: "paint-from",
    says: "It is painted from",
    ...(f.paintFrom === null ? {} : { day: f.paintFrom }),
  });
  add(f.paintBy !== null && !f.painted, {
    id: "paint-by",
    says: "It must be painted by",
    ...(f.paintBy === null ? {} : { day: f.paintBy }),
  });
  add(f.bed === "silicone", { id: "smell", says: "It may smell for a day: open another window, not this one." });
  const cause =
    f.cause === null ? "" : f.toughened ? (SAFE_NOW[f.cause] ?? AFTERCARE_CAUSES[f.cause]) : AFTERCARE_CAUSES[f.cause];
  add(f.cause !== null, { id: "cause", says: cause });
  add(f.sealed && f.drains, { id: "drains", says: "Keep the small holes at the foot of the frame clear." });
  add(f.sealed, {
    id: "mist",
    says: "Mist on the room side or outside in the morning is weather. Mist that no cloth reaches is not: ring us.",
  });
  add(f.toughened, {
    id: "toughened",
    says: "It is safety glass that breaks into crumbs: keep hard things off its edges, and leave the mark in its corner.",
  });
  add(true, {
    id: "clean",
    says: [
      f.coated
        ? "Clean with a soft cloth, plain water and a little soap; no scraper, no scouring powder."
        : "Clean with plain water and a little soap.",
      f.stickers ? "Leave stickers on until we take them off." : "",
    ]
      .filter(Boolean)
      .join(" "),
  });
  return out;
}
