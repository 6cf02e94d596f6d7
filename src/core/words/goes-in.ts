import { arrivedChances } from "../size/arrived.ts";
import type { OddsInput } from "../size/best.ts";
import { type Nm, toMm } from "../units/length.ts";
import { percent } from "./percent.ts";

/** Chances that are worth a word at all, worth a try, and worth holding the old pane for. */
const ANY = 0.001;
const SOME = 0.05;
const MUCH = 0.3;

/** Whether the pane that came will still go in, before the old one comes out. Null while the opening is not read. Of plastic and metal nothing is eased. */
export function goesInText(
  of: OddsInput,
  came: { readonly width: Nm; readonly height: Nm },
  canEase: boolean,
): string | null {
  const c = arrivedChances(of, { width: toMm(came.width), height: toMm(came.height) });
  if (!c) return null;
  if (c.trouble < ANY) return "It will go in.";
  const cover = c.coverLost === null ? "" : `; covered too little ${percent(c.coverLost)}`;
  const chances = `It binds with a chance of ${percent(c.binds)}${cover}.`;
  if (c.binds > MUCH)
    return `${chances} Do not take the old pane out yet: ${canEase ? "ease the opening first, or " : ""}send this one back.`;
  if (c.trouble > SOME) return `${chances} Try it dry before anything is opened that must be closed tonight.`;
  return `${chances} It will go in.`;
}
