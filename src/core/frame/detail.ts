import type { Template } from "../text/template.ts";

/** What differs within a system, and changes the steps: each with what it can be. */
export const DETAILS = {
  reach: {
    name: "Can be reached",
    of: { both: "both faces", inside: "the room side only", outside: "the outside only" },
  },
  where: {
    name: "Worked on",
    of: { "in-place": "where it hangs", bench: "on a bench, sash taken down" },
  },
  fixing: {
    name: "{Beads} held by",
    of: {
      "fine-pins": "fine pins",
      "face-nails": "nails through the face",
      "behind-nails": "nails from behind",
      clipped: "a clip or groove",
    },
  },
  bond: {
    name: "Glass stuck with",
    of: { putty: "{putty}", silicone: "silicone", tape: "tape", gasket: "gasket only" },
  },
  gasket: {
    name: "Comes out first",
    of: { wedge: "wedge gasket, room side", outer: "outer gasket, then pushed outward" },
  },
  keep: {
    name: "The {beads} are",
    of: { keep: "kept for refitting", destroy: "cut away: new ones are here" },
  },
  halves: {
    name: "The outer half is",
    of: { caulked: "caulked to the door", loose: "held by the screws alone" },
  },
  paint: {
    name: "Paint on the timber",
    of: { thin: "thin and sound", thick: "thick, chipped or jamming" },
  },
  old: {
    name: "The old {putty}",
    of: { falls: "falls out", soft: "cuts like cheese", hard: "hard as stone" },
  },
  lost: {
    name: "Timber",
    of: { none: "all there", some: "some came away" },
  },
  out: {
    name: "Broken glass leaves",
    of: {
      "by-state": "as its state says",
      after: "after what holds it is off",
      first: "first, in shards or as one taped skin",
    },
  },
  void: {
    name: "Round its edge",
    of: { open: "the void stays open to the drains", filled: "the void is filled, as its maker says" },
  },
  weather: {
    name: "Weather or draught",
    of: { reached: "reaches it", sheltered: "does not: another door or room is before it" },
  },
  flex: {
    name: "An old {bead}, flexed by hand",
    of: { untried: "not tried", bends: "bends", brittle: "whitens or creaks" },
  },
  metal: {
    name: "The frame holds by",
    of: { compound: "compound and clips", beads: "{beads} and gaskets" },
  },
} as const satisfies Readonly<
  Record<string, { readonly name: Template; readonly of: Readonly<Record<string, Template>> }>
>;

export type DetailName = keyof typeof DETAILS;
export const DETAIL_NAMES = Object.keys(DETAILS) as DetailName[];
export type Detail = { readonly [N in DetailName]: keyof (typeof DETAILS)[N]["of"] };

/** What is taken for granted until somebody looks. */
export const USUAL_DETAIL: Detail = {
  reach: "both",
  where: "in-place",
  fixing: "clipped",
  bond: "gasket",
  gasket: "wedge",
  keep: "keep",
  halves: "loose",
  paint: "thin",
  old: "hard",
  lost: "none",
  out: "by-state",
  void: "open",
  weather: "reached",
  flex: "untried",
  metal: "compound",
};
