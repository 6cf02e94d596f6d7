import type { Frame } from "../frame/frame.ts";
import type { Template } from "../text/template.ts";

export const DAMAGES = [
  "cracked",
  "holed",
  "standing",
  "gone",
  "misted",
  "putty-falling",
  "rattling",
  "dropped",
  "draught",
  "rotten",
  "wrong-glass",
  "looks",
] as const;
export type Damage = (typeof DAMAGES)[number];

export const DAMAGE_WORDS: Readonly<Record<Damage, Template>> = {
  cracked: "cracked",
  holed: "holed",
  standing: "shattered, still standing",
  gone: "glass gone",
  misted: "misted or wet inside",
  "putty-falling": "{putty} dry or falling",
  rattling: "rattles",
  dropped: "sash dropped or binds",
  draught: "draught",
  rotten: "{rebate} rotten or chewed",
  "wrong-glass": "not safety glass",
  looks: "nothing is broken: changed for its looks",
};

/** What can only be where the frame is as named; all else can be anywhere. */
const ONLY_IN: Partial<Readonly<Record<Damage, (f: Pick<Frame, "oldPutty" | "canBeEased">) => boolean>>> = {
  "putty-falling": (f) => f.oldPutty,
  rotten: (f) => f.canBeEased,
};

/** What can be wrong with a pane in such a frame. @example a plastic sash // no putty, no rot */
export const damagesOf = (f: Pick<Frame, "oldPutty" | "canBeEased">): readonly Damage[] =>
  DAMAGES.filter((d) => ONLY_IN[d]?.(f) ?? true);

/** It moves, binds, or its bed is done: what packing and bedding anew may cure, the glass being sound. */
const LOOSE: readonly Damage[] = ["rattling", "dropped", "draught", "putty-falling"];
export const isLoose = (damage: readonly Damage[]): boolean => damage.some((d) => LOOSE.includes(d));

/** The glass itself is done: broken, its seal gone, or the wrong kind. */
const SPOILT: readonly Damage[] = ["cracked", "holed", "standing", "gone", "misted", "wrong-glass"];
export const isSpoilt = (damage: readonly Damage[]): boolean => damage.some((d) => SPOILT.includes(d));

/** Causes worth keeping, because the new pane fails the same way, with what prevents it. */
export const CAUSES = [
  "impact",
  "break-in",
  "hail",
  "heat",
  "shock",
  "water",
  "packing",
  "twist",
  "nail",
  "age",
  "wish",
  "unknown",
] as const;
export type Cause = (typeof CAUSES)[number];

export const CAUSE_WORDS: Readonly<Record<Cause, { readonly name: Template; readonly prevent: Template }>> = {
  impact: {
    name: "knock, stone or mower",
    prevent: "Ask what strikes it, and whether thicker or safety glass is wanted.",
  },
  "break-in": {
    name: "forced entry",
    prevent: "Try lock, keeps and hinges before the new {pane} goes in, and ask whether laminated glass is wanted.",
  },
  hail: { name: "hail", prevent: "Look at every {pane} on the same side of the building." },
  heat: {
    name: "heat behind a blind",
    prevent: "Leave a gap at the top and foot of the blind, or use heat-treated glass.",
  },
  shock: {
    name: "sudden heat or cold",
    prevent: "Ask what came on it: hot water on ice, a hose on hot glass, a torch. Heat-treated glass bears more.",
  },
  water: {
    name: "water standing in the frame",
    prevent: "Clear the drains and prime the {sill} before the new glass goes in.",
  },
  packing: {
    name: "{packers} wrong, missing, or under one sheet",
    prevent: "Pack by the setting drawing, not by what came out, and as wide as the {unit} is thick.",
  },
  twist: {
    name: "frame twisted or dropped",
    prevent: "Read both diagonals and both faces. Ease the sash first if it binds.",
  },
  nail: { name: "nail or screw near the glass", prevent: "Find it and take it out before the new {pane} goes in." },
  age: {
    name: "age: its seal or bed was done",
    prevent: "Look at those of the same make and date: they are next. Nothing else is to be put right.",
  },
  wish: {
    name: "nothing failed: somebody wants another",
    prevent: "Keep the old {pane}, if it may be wanted again.",
  },
  unknown: { name: "not known", prevent: "Look for a nail, a twist or a blind before you close up." },
};

/** What stands otherwise in a sentence than "it failed by …". */
const CLAUSES: Readonly<Partial<Record<Cause, Template>>> = {
  age: "failed by age: its seal or bed was done",
  wish: "was changed for its looks",
  unknown: "failed, nobody knows by what",
};

/** Why a {pane} was changed, after "it". @example "hail" // "failed by hail"; "wish" // "was changed for its looks" */
export const causeClause = (cause: Cause): Template => CLAUSES[cause] ?? `failed by ${CAUSE_WORDS[cause].name}`;

/** What the next {pane} at the same place may fail by too. */
const NOT_AGAIN: readonly Cause[] = ["wish", "unknown"];
export const comesAgain = (cause: Cause): boolean => !NOT_AGAIN.includes(cause);

/** What nothing failed for: somebody wants another, or the rules do. */
const UNFAILED: readonly Damage[] = ["looks", "wrong-glass"];
/** Whether something of it failed, by what is wrong with it. @example ["wrong-glass"] // false */
export const hasFailed = (damage: readonly Damage[]): boolean => damage.some((d) => !UNFAILED.includes(d));

/** Nothing is broken, and nothing else is wrong with it: why it is changed is said with that. */
export const isForLooks = (damage: readonly Damage[]): boolean => damage.length === 1 && damage[0] === "looks";

/** How pressing it is, worst first. */
export const URGENCIES = ["open-hole", "today", "this-week", "can-wait"] as const;
export type Urgency = (typeof URGENCIES)[number];
export const URGENCY_WORDS: Readonly<Record<Urgency, { readonly name: string; readonly means: string }>> = {
  "open-hole": { name: "open hole", means: "anyone can reach in: close it now" },
  today: { name: "today", means: "may fall, or a door that must lock" },
  "this-week": { name: "this week", means: "lets weather in" },
  "can-wait": { name: "can wait", means: "holds and keeps dry" },
};
