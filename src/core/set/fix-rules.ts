import { lineOf, sticks } from "../bed/compound.ts";
import { clipped, facePutty, framed, halved, isBeaded, isTimber, pinned, sprigged, sprung } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import type { ReadyFacts } from "../ready/facts.ts";
import { TURNED_NAMES } from "../takeout/profile.ts";
import { capital } from "../text/capital.ts";
import type { Rule } from "./rule.ts";

/** Beads with a gasket that came out first, and goes in last. */
const gasketed = (f: ReadyFacts): boolean => frameOf(f.system).gasketed(f.detail);

/** What holds the pane once it stands: sprigs, clips, beads and their pins, gaskets, screws, mouldings. */
export const fixRules = (f: ReadyFacts): readonly Rule[] => [
  {
    id: "sprigs",
    does: "Push the {sprigs} in flat on the glass, at the marks.",
    why: `They hold the {pane}; the ${lineOf(f.bed)} only seals it. One standing off the glass lets it rattle.`,
    tools: ["{sprigs}", "driver or knife"],
    never: "Never strike toward the glass.",
    minutes: 6,
    when: sprigged,
  },
  {
    id: "void-fill",
    does: "Fill the void between edge and frame, from the bottom up, no air trapped; leave the drains free.",
    why: "Half filled it holds water against the edge seal: full, or not at all.",
    tools: ["neutral-cure silicone", "gun"],
    never: "Not unless the maker of frame or {unit} says so: most want it drained.",
    minutes: 8,
    alongEdge: true,
    hazards: ["solvent"],
    when: (g) => g.detail.void === "filled" && sticks(g.bed) && g.sealed,
  },
  {
    id: "clips-back",
    does: "Put each clip or peg back into its own hole, and count them.",
    why: "A missing one lets the {pane} rattle until the compound cracks.",
    tools: ["pliers"],
    minutes: 6,
    asks: "screws",
    when: clipped,
  },
  {
    id: "face",
    does: `Run the ${f.bed === "putty" ? "face {putty}" : "slope outside in what the bed is of, or in what may touch it,"} and strike it off from the sight line to the outer edge, corners mitred.`,
    why: "Above the sight line it shows from the room; below it water gets behind.",
    ...(f.bed === "putty"
      ? {}
      : { never: "No linseed {putty} over it: its oil eats sealant, and the edge seal of a {unit}." }),
    tools: ["clean putty knife"],
    minutes: 15,
    alongEdge: true,
    when: facePutty,
  },
  {
    id: "trim",
    does: "Trim the squeezed bed inside, flush with the {rebate}.",
    why: "A ragged bed holds dirt and shows.",
    tools: ["knife"],
    minutes: 6,
    when: facePutty,
  },
  {
    id: "beads-back",
    ticks: ["left", "right", "bottom", "top"],
    does:
      f.beads && f.beads.length > 0
        ? `The {beads} go back ${[...f.beads]
            .reverse()
            .map((b) => b.side)
            .join(", ")}: ends tapped home first, the middle last.`
        : "The {beads} go back in the reverse of the way they came out: ends tapped home first, the middle last.",
    why: [
      f.profile?.turned ? `${capital(TURNED_NAMES[f.profile.turned])}.` : "",
      f.profile?.brittle
        ? "This profile is brittle: work along it, do not bend it into place."
        : "Tapped from the middle it creeps past its corner.",
    ]
      .filter(Boolean)
      .join(" "),
    tools: isTimber(f)
      ? ["block", "small hammer"]
      : f.profile?.brittle
        ? ["plastic mallet", "soapy water", "warm water", "spare {bead}"]
        : ["plastic mallet", "soapy water"],
    ...(f.toughened ? { never: "No blow toward the edge of {toughened} glass." } : {}),
    minutes: 12,
    asks: "seated",
    when: isBeaded,
  },
  {
    id: "pins",
    does: "Press each {bead} down and in while its pins go home, leaning away from the glass; set them below the face.",
    why: "A pin that leans toward the glass finds its edge; a {bead} not pressed lets the {pane} rattle.",
    tools: ["pins", "light hammer", "nail set"],
    asks: "pins",
    minutes: 10,
    hazards: f.toughened ? ["toughened-edge"] : [],
    when: pinned,
  },
  {
    id: "channel-back",
    does: "Put the screen channel or trim back over the stops, as the map says; where none came off, skip it.",
    why: "It hides the pins, and the screen hangs in it.",
    tools: ["screwdriver", "flat hands"],
    minutes: 4,
    when: (g) => frameOf(g.system).channelled,
  },
  {
    id: "wedge-back",
    does: "Press the wedge gasket in, corners first, then the middle of each side; cut it a little long, never stretch it.",
    why: "It is what keeps the glass tight and the water out.",
    tools: ["soapy water", "blunt wheel"],
    minutes: 8,
    when: (g) => gasketed(g) && g.detail.gasket === "wedge",
  },
  {
    id: "outer-back",
    does: "Put the outer gasket back, its slope to the glass and its lip in the slot: ends first, the middle last.",
    why: "The other way about it leads water in behind the glass.",
    tools: ["soapy water"],
    minutes: 8,
    when: (g) => gasketed(g) && g.detail.gasket === "outer",
  },
  {
    id: "member-back",
    does: "Tap the member back along the glass until its corners close.",
    why: "Forced at an angle it chips the glass or cracks at its screw.",
    tools: ["block", "mallet"],
    minutes: 6,
    gloves: "on",
    when: framed,
  },
  {
    id: "corner-screws-back",
    does: "Put the corner screws back by hand, each one; count them in.",
    why: "A corner that is not drawn up opens, and the gasket with it.",
    tools: ["screwdriver"],
    minutes: 6,
    asks: "screws",
    when: framed,
  },
  {
    id: "screws-loose",
    does: "Two screws at the top and two below, loose; lift the frame to the middle of its hole.",
    why: "It must hang centred before it is drawn up, or the door binds it.",
    tools: ["screwdriver"],
    minutes: 4,
    people: 2,
    hazards: ["parted-cassette"],
    when: halved,
  },
  {
    id: "screws-round",
    does: "All screws by hand, snug; then once more round. Count them in.",
    why: "Drawn up one by one it pinches the glass, and a driver cracks it without your noticing.",
    tools: ["screwdriver"],
    minutes: 8,
    asks: "rounds",
    when: halved,
  },
  {
    id: "plugs-back",
    does: "Press the plugs in, the short edge first. Count them in.",
    why: "All go in before any paint; one the wrong way about stands proud.",
    minutes: 4,
    asks: "plugs",
    when: halved,
  },
  {
    id: "mouldings-back",
    does: "The two sides first, then head and foot sprung in between them: barbs into their slot.",
    why: "They left last and go back first; head and foot lock them.",
    tools: ["broad putty knife", "block"],
    minutes: 8,
    when: sprung,
  },
];
