/** Places and glass that are never decided here. */
export const SPECIALS = ["fire", "guarding", "overhead", "shop-front", "wired"] as const;
export type Special = (typeof SPECIALS)[number];

/** What each is called by a beginner, and whose licence it wants. Source: usual practice; the local code decides. */
export const SPECIAL_FACTS: Readonly<Record<Special, { readonly name: string; readonly who: string }>> = {
  fire: { name: "fire door or fire-rated glass", who: "a certified fire-door or fire-glazing installer" },
  guarding: { name: "keeps people from a drop", who: "an engineer or a licensed glazier for barriers" },
  overhead: { name: "overhead: roof or skylight", who: "a licensed glazier for overhead glass" },
  "shop-front": { name: "shop front", who: "a licensed glazier with lifting gear" },
  wired: { name: "wired glass", who: "the local building control: wired glass is seldom allowed again" },
};
