import type { Detail } from "./detail.ts";
import type { Fixing, Holds, Worked } from "./frame.ts";
import { frameOf, type System } from "./systems.ts";

/* What a frame is like, as the steps ask it: by what holds the glass, and never by the system's name. */

type Of = { readonly system: System; readonly detail: Detail };

const holds =
  (what: Holds) =>
  (f: Of): boolean =>
    frameOf(f.system).holds(f.detail) === what;
const fixed =
  (by: Fixing) =>
  (f: Of): boolean =>
    frameOf(f.system).fixing(f.detail) === by;
const worked =
  (as: Worked) =>
  (f: Pick<Of, "system">): boolean =>
    frameOf(f.system).worked === as;

/** Putty or compound outside, struck off to the sight line. */
export const facePutty = holds("putty");
/** Four beads, stops or pinned strips hold the glass. */
export const isBeaded = holds("beads");
/** The members of a screwed sash or frame wrap the glass. */
export const framed = holds("screwed-sash");
/** Two halves screwed together through the door. */
export const halved = holds("halves");
/** Mouldings sprung into their slots. */
export const sprung = holds("mouldings");
export const sprigged = fixed("sprigs");
export const clipped = fixed("clips");
export const pinned = fixed("pins");
export const isTimber = worked("timber");
export const isPlastic = worked("plastic");
export const isMetal = worked("metal");
/** The pane stands on packers at its edges. */
export const packed = (f: Pick<Of, "system">): boolean => frameOf(f.system).packs === "edges";
/** Packers carry it, at its edges or in the channel that wraps it. */
export const standsOnPackers = (f: Pick<Of, "system">): boolean => frameOf(f.system).packs !== "none";
/** The sash leaves its frame: to a bench, or because it must come apart. */
export const sashLeaves = (f: Of): boolean => f.detail.where === "bench" || frameOf(f.system).comesDown;
