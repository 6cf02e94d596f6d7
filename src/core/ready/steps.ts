import type { MemberFault } from "../look/condition.ts";
import type { Cause } from "../look/damage.ts";
import type { Step } from "../steps/step.ts";
import { isPlastic, isTimber, type StepFacts } from "../takeout/facts.ts";
import { remedyFor } from "./remedies.ts";

/** What making ready follows from: the pane, what it will be bedded in, and what its size asks for. */
export type ReadyFacts = StepFacts & {
  readonly bed: "putty" | "silicone" | "tape" | "gasket";
  /** The compound wants a primed rebate; otherwise its label decides. */
  readonly primeRebate: boolean;
  /** Sides where the rebate must be eased before this pane goes in, each with its most, mm. */
  readonly ease: readonly { readonly side: string; readonly mm: number }[];
  /** A member of the sash is to be mended first, and nobody said what is wrong with it. */
  readonly mends: boolean;
  /** What is wrong with members that are mended first. */
  readonly faults: readonly MemberFault[];
  /** Why the old glass failed, where somebody said. */
  readonly cause: Cause | null;
  /** Metalwork whose paint comes off before it goes back. */
  readonly strips: readonly string[];
  /** Metalwork that is renewed: a job of its own once the glass is in. */
  readonly renews: readonly string[];
  /** Water was found standing in the frame. */
  readonly waterStood: boolean;
  /** The sash is to hold a unit where it held one sheet. */
  readonly rout: boolean;
};

type Rule = Step & { readonly when: (f: ReadyFacts) => boolean };

const always = (): boolean => true;
/** The glass comes out, or a new one goes in. */
const out = (f: ReadyFacts): boolean => !f.staysIn;
const rotten = (f: ReadyFacts): boolean => f.damage.includes("rotten") || f.faults.includes("rot");

/** Where the seat is made of what, in the words of a step. */
const seat = (f: ReadyFacts): string =>
  isTimber(f)
    ? "{rebate} to bare timber"
    : f.system === "metal-frame"
      ? "frame to bare, sound metal"
      : f.system === "in-front"
        ? "groove of its frame, down to the bare frame"
        : "leg and groove to bare plastic";

/** The task that the cause leaves at the frame. */
function remedy(f: ReadyFacts): readonly Rule[] {
  const found = remedyFor(f.cause);
  return found ? [{ id: "remedy", ...found, when: always }] : [];
}

/** Make ready in the order of the work: clean, mend, drain, prime, tape or mask, and the pane tried before anything wet. */
const rules = (f: ReadyFacts): readonly Rule[] => [
  {
    id: "clean",
    does: `Clean all four sides of the ${seat(f)}. Run a fingertip round.`,
    why:
      f.bed === "putty"
        ? "A lump of old {putty} lifts the pane; a crumb is where it cracks."
        : "A lump of old tape or sealant lifts the pane, and the new bond fails there.",
    tool: "scraper, vacuum",
    minutes: 12,
    gloves: "off",
    asks: "sides",
    hazards: ["knives", "dust", ...(f.lead && isTimber(f) ? ["lead"] : [])],
    when: out,
  },
  ...remedy(f),
  {
    id: "bead-dress",
    does: "Draw every pin from the {beads}, scrape and sand them smooth, and dress the timber edge the chisel left. Say what came off a sanded one: its fit is reckoned again.",
    why: "A pin's burr holds the {bead} off the glass; paint on its back makes it proud.",
    tool: "pincers, scraper, sandpaper",
    minutes: 10,
    asks: "nails",
    ...(f.lead ? { never: "No dry sanding where paint may hold lead." } : {}),
    when: (g) => (g.system === "timber-bead" || g.system === "pinned-stop") && g.detail.keep === "keep",
  },
  {
    id: "strip",
    does: f.lead
      ? "Scrape the thick paint off wet, down to a sound edge; wipe up the sludge."
      : "Scrape or strip the thick paint while the glass is out.",
    why: "Chipped edges show for years beside new glass, and thick paint makes the sash bind.",
    tool: f.lead ? "wet scraper, damp cloths" : "scraper, stripper or warm air",
    ...(f.lead ? { never: "No dry sanding and no warm air where paint may hold lead." } : {}),
    minutes: 30,
    hazards: ["dust", "solvent", ...(f.lead ? ["lead"] : [])],
    when: (g) => isTimber(g) && (g.detail.paint === "thick" || g.faults.includes("thick-paint")),
  },
  {
    id: "hardware",
    does: `Strip the paint off ${f.strips.join(", ")}: screws, slots and knuckles first.`,
    why: "Paint in a hinge binds the sash and racks its new pane; in a slot it chews the screw.",
    tool: f.lead ? "wet scraper, damp cloths" : "scraper, wire brush",
    ...(f.lead ? { never: "No heat and no dry wire brush where paint may hold lead." } : {}),
    minutes: 5 * f.strips.length,
    hazards: ["dust", ...(f.lead ? ["lead"] : [])],
    when: (g) => g.strips.length > 0,
  },
  {
    id: "mend",
    does: "Cut out soft timber, harden and fill, square to the old {rebate}. Let it set.",
    why: "{Sprigs} and pins do not hold in rot, and the pane drops.",
    tool: "chisel, repair paste",
    minutes: 30,
    driesHours: 24,
    asks: "dries",
    hazards: ["solvent"],
    when: (g) => rotten(g) && isTimber(g),
  },
  {
    id: "fill",
    does: "Fill where timber came away, square to the old {rebate}, and sand it when it is hard.",
    why: "The bed needs a flat seat; a hollow under it is where water stands.",
    tool: "repair paste, sanding block",
    minutes: 10,
    driesHours: 12,
    asks: "dries",
    hazards: ["solvent"],
    when: (g) => (g.detail.lost === "some" || g.faults.includes("chewed")) && isTimber(g) && !rotten(g),
  },
  {
    id: "joints",
    does: "Free the jammed paint, glue the opened joints and clamp the sash square: both diagonals alike.",
    why: "A sash that works loose breaks the bed of the new pane at its corners.",
    tool: "waterproof glue, clamps, tape",
    minutes: 30,
    driesHours: 24,
    asks: "dries",
    when: (g) => (g.mends || g.faults.includes("joint")) && isTimber(g),
  },
  {
    id: "rout",
    does: "Rout the {rebate} to the depth and width under Measure; square the corners with a chisel.",
    why: "The {unit} must stand in it with its edge seal covered and its packers under it.",
    tool: "router, template, chisel",
    never: "No pass without the template fixed: its set-off is half of guide bush less cutter. Never through a joint.",
    minutes: 60,
    hazards: ["dust", "knives", ...(f.lead ? ["lead"] : [])],
    when: (g) => g.rout && isTimber(g),
  },
  {
    id: "mend-frame",
    does: "Look at every member and corner: cracked plastic or rusted metal is mended or the sash is changed.",
    why: "A frame that moves breaks the next seal as well.",
    minutes: 10,
    when: (g) => (rotten(g) || g.faults.includes("brittle")) && !isTimber(g),
  },
  {
    id: "ease",
    does: `Ease the {rebate}: ${f.ease.map((e) => `${e.side} up to ${e.mm.toFixed(1)} mm`).join(", ")}.`,
    why: "The pane was ordered for it. Easing is easy now and hopeless once the bed is in.",
    tool: "sharp chisel, {rebate} plane",
    minutes: 20,
    hazards: f.lead ? ["lead"] : [],
    when: (g) => g.ease.length > 0,
  },
  {
    id: "drains",
    does: "Find the drain holes and clear them; pour a cup of water in and see it come out.",
    why: "Water that stands in the frame is what the last seal drowned in.",
    tool: "wire, drill, cup of water",
    minutes: 6,
    asks: "drains",
    when: (g) =>
      g.waterStood ||
      (isPlastic(g) && g.system !== "cassette" && g.system !== "compression-moulding") ||
      (g.system === "metal-frame" && g.detail.metal === "beads") ||
      (g.sealed && isTimber(g)),
  },
  {
    id: "rust",
    does: "Wire-brush rust and brush on metal primer. Let it dry.",
    why: "Rust under the bed swells and cracks the new pane.",
    tool: "wire brush, metal primer",
    minutes: 10,
    driesHours: 4,
    asks: "dries",
    hazards: ["dust", "solvent"],
    when: (g) => g.system === "metal-frame" && g.detail.metal === "compound",
  },
  {
    id: "prime",
    does: "Prime the {rebate} and let it dry.",
    why: "Raw timber drinks the oil out of {putty}, which then cracks and falls.",
    tool: "primer, brush",
    minutes: 8,
    driesHours: 16,
    asks: "dries",
    hazards: ["solvent"],
    when: (g) => g.bed === "putty" && isTimber(g) && g.primeRebate,
  },
  {
    id: "prime-label",
    does: "Read the label: prime if it asks for it.",
    why: "This compound mostly needs none; the label wins.",
    tool: "label",
    minutes: 2,
    when: (g) => g.bed === "putty" && isTimber(g) && !g.primeRebate,
  },
  {
    id: "prime-bare",
    does: "Prime bare timber where the bed will lie, and let it dry.",
    why: "Tape and sealant pull off raw timber, dust and all.",
    tool: "primer, brush",
    minutes: 6,
    driesHours: 4,
    asks: "dries",
    hazards: ["solvent"],
    when: (g) => isTimber(g) && (g.bed === "silicone" || g.bed === "tape"),
  },
  {
    id: "wipe",
    does: "Wipe leg and frame with alcohol, one way, with a clean cloth.",
    why: "What a finger left is enough to let a bond go.",
    tool: "alcohol, lint-free cloth",
    never: "No strong solvent on plastic.",
    minutes: 3,
    hazards: ["solvent"],
    when: (g) => g.bed === "silicone" || g.bed === "tape",
  },
  {
    id: "glass-clean",
    does: "Scrape and clean the glass that goes back, edge and both faces.",
    why: "Old sealant on its edge keeps it from its seat.",
    tool: "fresh blade held flat, glass cleaner",
    minutes: 15,
    gloves: "on",
    hazards: ["knives"],
    when: (g) => g.oldGlassBack && !g.staysIn,
  },
  {
    id: "stickers",
    does: "Take stickers and film off the edge of the new pane; leave the label until sign-off.",
    why: "Film under the bed is a leak, and cannot be reached later.",
    minutes: 2,
    when: (g) => !g.oldGlassBack && g.bed !== "putty",
  },
  {
    id: "sweep",
    does: "Sweep and vacuum before the new glass comes near.",
    why: "Nobody kneels on glass, and no crumb gets under the bed.",
    tool: "brush, vacuum, rubble bag",
    minutes: 4,
    gloves: "on",
    hazards: ["broken-glass"],
    when: out,
  },
  {
    id: "dry-fit",
    does: "Try the new pane dry, with its {packers}.",
    why:
      f.bed === "putty"
        ? "Easing a {rebate} is easy now and hopeless once the bed is in."
        : "Once the tape's liner or the sealant is open there is no second try.",
    tool: "the pane, {packers}",
    minutes: 5,
    asks: "dry-fit",
    gloves: "on",
    hazards: f.lift === 1 ? [] : ["heavy"],
    ...(f.lift === 1 ? {} : { people: 2 as const }),
    when: out,
  },
  {
    id: "seal-line",
    does: "With the pane held dry, mark where the sealant will run, and take a photo.",
    why: "It must not squeeze into view, and the mark is all you have once the pane is in.",
    tool: "pencil, camera",
    photos: ["the sealant's line"],
    asks: "seal-path",
    minutes: 3,
    when: (g) => g.bed === "silicone",
  },
  {
    id: "mask",
    alongEdge: true,
    asks: "length",
    does: "Mask frame and glass along the line, both sides.",
    why: "Smears that have cured take longer than the whole pane.",
    tool: "masking tape",
    minutes: 6,
    when: (g) => g.bed === "silicone",
  },
  {
    id: "tape-lay",
    asks: "length",
    does: "Lay the tape on the leg, just below its lip, corners butted, and press it hard. The liner stays on.",
    why: "A gap at a corner is a leak; tape that was not pressed lets go in the first cold night.",
    tool: "glazing tape, roller",
    minutes: 6,
    hazards: [],
    when: (g) => g.bed === "tape",
  },
  {
    id: "gasket-look",
    does: "Look the gasket over: hard, shrunk or short at a corner, it is replaced.",
    why: "A gasket that was pulled to length creeps back and opens its corners.",
    tool: "new gasket, shears",
    minutes: 4,
    when: (g) => g.bed === "gasket",
  },
];

/** The steps of making ready for this pane; none where the sash cannot be opened. */
export const readySteps = (f: ReadyFacts): readonly Step[] =>
  f.closed ? [] : rules(f).flatMap(({ when, ...step }) => (when(f) ? [step] : []));
