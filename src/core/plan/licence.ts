import { SPECIAL_FACTS, SPECIALS } from "../look/special.ts";

/** What not everybody may do: lead paint, work above ground from outside, and places and glass that are licensed work. */
export const LICENCES = ["lead", "height", ...SPECIALS] as const;
export type Licence = (typeof LICENCES)[number];

/** What each is called on a list of people. */
export const LICENCE_NAMES: { readonly [L in Licence]: string } = {
  lead: "lead paint",
  height: "ladder and tower",
  fire: SPECIAL_FACTS.fire.name,
  guarding: SPECIAL_FACTS.guarding.name,
  overhead: SPECIAL_FACTS.overhead.name,
  "shop-front": SPECIAL_FACTS["shop-front"].name,
  wired: SPECIAL_FACTS.wired.name,
};

const MAY: { readonly [L in Licence]: string } = {
  lead: "work on lead paint",
  height: "work outside above ground",
  fire: "work on fire doors and fire-rated glass",
  guarding: "glaze what keeps people from a drop",
  overhead: "glaze overhead",
  "shop-front": "glaze shop fronts",
  wired: "replace wired glass",
};

export const isLicence = (text: string): text is Licence => LICENCES.some((l) => l === text);

export const licenceText = (skill: string): string => (isLicence(skill) ? LICENCE_NAMES[skill] : skill);

/** What somebody may do who has it; one that the firm named itself is said as it is. @example "lead" // "work on lead paint" */
export const mayText = (skill: string): string => (isLicence(skill) ? MAY[skill] : `do ${skill}`);
