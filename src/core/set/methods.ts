import { sticks } from "../bed/compound.ts";
import { facePutty, halved, isBeaded, pinned, sprigged, sprung } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import type { ReadyFacts } from "../ready/facts.ts";
import { type MethodWhen, methodsOf } from "../steps/method.ts";

/** Skills of setting, each with when it belongs and the schools. Source of all: trade practice; labels win. */
const METHODS: readonly MethodWhen<ReadyFacts>[] = [
  {
    id: "which-putty",
    name: "Which {putty}",
    steps: [
      "Linseed: tools cleanest, wants a primed {rebate}, paint from one to two weeks, by four.",
      "Acrylic from a tube: quick and rougher, mostly without primer, paint from three days, by two weeks.",
      "Two-part: sets in minutes; small repairs, and the {pane} that cannot wait.",
    ],
    schools: [
      { way: "linseed from a tub", why: "it tools cleanest" },
      { way: "a tube or gun", why: "fast, though rougher" },
      { way: "latex", why: "needs no primer" },
      { way: "two-part", why: "hard before you leave" },
    ],
    when: facePutty,
  },
  {
    id: "bed-or-dabs",
    name: "Does it need the full bed?",
    steps: [
      "Weather or draught reaches it: a full bed, no gap. Water behind the {pane} rots the {sill}.",
      "Behind another door, dry and still: the bed keeps it from rattling; dabs alone let it.",
    ],
    schools: [
      { way: "always a full bed", why: "a gap rots the {sill}" },
      { way: "glass straight in, {putty} outside only", why: "quicker; it rattles, and damp runs behind" },
      { way: "dabs where no weather reaches", why: "the weather stops at another door" },
    ],
    when: facePutty,
  },
  {
    id: "sprigs",
    name: "Pushing {sprigs} in",
    steps: [
      "Flat on the glass, the driver lying on it; push, do not swing.",
      "Two thirds in: the rest is covered by {putty}.",
      "A {pane} that creaks is being bent: stop, look for a lump under it.",
    ],
    schools: [
      { way: "rock it in with a knife", why: "nothing is swung" },
      { way: "a driver", why: "quick, and stays flat" },
      { way: "a small pin hammer", why: "the least blow of all hammers" },
    ],
    when: sprigged,
  },
  {
    id: "bead-start",
    name: "Tapping {beads} home",
    steps: [
      "Ends first, then the middle: it cannot creep past its corner.",
      "Square-cut: the trapped pair first. Mitred: any, the ends held.",
      "The lip must stand inside the frame's edge and the gasket lie on the glass; a lip on the wrong side stands proud by its own thickness.",
      "One that stands high: block and mallet along it. One that will not enter: twist its lip in with a blunt blade from one end.",
    ],
    schools: [
      { way: "both ends, then the middle", why: "it cannot creep" },
      { way: "walk from one end", why: "the groove guides it" },
      { way: "centre it and press", why: "no blow at all" },
    ],
    when: isBeaded,
  },
  {
    id: "how-hard",
    name: "How hard, and with what",
    steps: [
      "Flex a spare or the loose end first: old plastic that whitens or creaks is brittle. Warm it, work along it, have a spare.",
      "Plastic: palm, handle or plastic mallet. Timber: a block under the hammer, never the face.",
      "Nothing strikes toward the glass.",
    ],
    schools: [
      { way: "lean on a soft handle", why: "nothing is swung" },
      { way: "rubber or plastic mallet", why: "it spreads the blow" },
      { way: "clean block and hammer", why: "the block keeps the face whole" },
      { way: "hands alone", why: "nothing to slip" },
    ],
    when: (f) => isBeaded(f) || sprung(f),
  },
  {
    id: "nails",
    name: "Nails and pins",
    steps: [
      "Part in, the {bead} pressed down and in, home, then set below the face.",
      "Lean them away from the glass. Length: through the {bead} and half as much again, never to the far face.",
      "A nailer: its nose turned so that a bent nail turns away from the glass, the stop held down by hand clear of it.",
    ],
    schools: [
      { way: "a powered nailer", why: "in one push" },
      { way: "hammer and nail set", why: "it can be steered" },
      { way: "slender pins, lightest hammer", why: "the smallest blow" },
    ],
    when: pinned,
  },
  {
    id: "gasket",
    name: "Putting an outer gasket back",
    steps: [
      "Slope to the glass, lip to the slot.",
      "Ends first, then the middle, then what is left between: pushed together, never pulled long.",
      "Soapy water when it is stiff; a blunt wheel or a wooden spatula for the last edge.",
    ],
    schools: [],
    when: (f) => f.detail.gasket === "outer" && f.bed === "gasket" && frameOf(f.system).gasketed(f.detail),
  },
  {
    id: "both",
    name: "Tape, silicone or both",
    steps: [
      "Tape alone: grips at once, can be cut later. Silicone alone: fills what is uneven, wants its days.",
      "Both: tape seats the {pane}, silicone outside it bonds; never on top of wet cleaner.",
      "The void at the edge stays open to the drains, unless the maker fills it: then it is a step of its own, and its volume is on the list.",
    ],
    schools: [
      { way: "both", why: "tape seats, silicone bonds" },
      { way: "tape alone", why: "grips, and can be cut later" },
      { way: "silicone alone", why: "fills what is uneven" },
    ],
    when: (f) => sticks(f.bed),
  },
  {
    id: "caulk",
    name: "Does this insert need caulk?",
    steps: [
      "A gasket or a factory {bead} on the halves: none. The pressed {bead} is what seals.",
      "Hold the new gasket to the old ring: same width, same groove. If not, a line of sealant takes its place.",
      "A thin line outside is for looks, and may be left.",
    ],
    schools: [
      { way: "a thin line to please the eye", why: "the {bead} seals already" },
      { way: "none", why: "there is nothing to seal" },
    ],
    when: halved,
  },
  {
    id: "screws",
    name: "Drawing an insert up",
    steps: [
      "Two at the top and two below, loose; look that it stands in the middle of its hole.",
      "Then the middles, then across from each other, all until they touch.",
      "A second round, snug: a quarter turn each, no more. Plugs after it, the short edge first, prongs into the slot, before any paint.",
    ],
    schools: [
      { way: "by hand", why: "a driver cracks glass unnoticed" },
      { way: "a driver, clutch low", why: "coarse screws, and they know their clutch" },
    ],
    when: halved,
  },
  {
    id: "frame-fixings",
    name: "Where a frame fixing may hide",
    steps: [
      "Only where a trim, {bead} or plug comes off and covers it again: under a glazing {bead}, behind a stop, under a keep.",
      "Never through a drained chamber's floor, never within reach of the glass edge, never through a weld.",
      "Put each on the map of how it was: the next one finds it.",
    ],
    schools: [],
    when: (f) => frameOf(f.system).hidesFixings,
  },
  {
    id: "trims",
    name: "Decorative trims",
    steps: [
      "The two sides first, then head and foot sprung in between.",
      "Barbs into their slot, not beside it; a screen channel goes back before the trim that hides it.",
    ],
    schools: [],
    when: (f) => sprung(f) || f.front.includes("trim"),
  },
  {
    id: "timber-swell",
    name: "The last side of a tight timber {bead}",
    steps: ["Bow it from the middle and let both ends in together; plane its back, not its mitre."],
    schools: [],
    when: (f) => isBeaded(f) && frameOf(f.system).painted,
  },
];

/** The cards that belong to this pane. @example a putty sash // which putty, full bed, sprigs */
export const setMethods = methodsOf(METHODS);
