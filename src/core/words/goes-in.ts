import { arrivedChances } from "../size/arrived.ts";
import type { OddsInput } from "../size/best.ts";
import { type Nm, toMm } from "../units/length.ts";
import { percent } from "./percent.ts";

/** Chances that are worth a word at all, worth a try, and worth holding the old pane for. */
const ANY = 0.001;
const SOME = 0.05;
const MUCH = 0.3;

export type GoesIn = { readonly says: string; readonly bad: boolean };

/** What is done with a pane that will not go in: sent back to who made it, or another taken in its place. */
const INSTEAD = { ordered: "send this one back", had: "take another" } as const;

/**
 * Whether the pane that came, or that is here without an order, will still go in, before the old one comes out. Null while the
 * opening is not read. Of plastic and metal nothing is eased.
 */
export function goesIn(
  input: OddsInput,
  came: { readonly width: Nm; readonly height: Nm },
  { canEase, got }: { readonly canEase: boolean; readonly got: keyof typeof INSTEAD },
): GoesIn | null {
  const c = arrivedChances(input, { width: toMm(came.width), height: toMm(came.height) });
  if (!c) return null;
  if (c.trouble < ANY) return { says: "It will go in.", bad: false };
  const cover = c.coverLost === null ? "" : `; covered too little ${percent(c.coverLost)}`;
  const chances = `It binds with a chance of ${percent(c.binds)}${cover}.`;
  if (c.binds > MUCH)
    return {
      says: `${chances} Do not take the old pane out yet: ${canEase ? "ease the opening first, or " : ""}${INSTEAD[got]}.`,
      bad: true,
    };
  if (c.trouble > SOME)
    return { says: `${chances} Try it dry before anything is opened that must be closed tonight.`, bad: true };
  return { says: `${chances} It will go in.`, bad: false };
}
