import { type Bed, seals, sticks, tapes } from "../bed/compound.ts";
import { facePutty, isMetal, isPlastic, isTimber, standsOnPackers } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import { madeWhole, seatOfWhole } from "../steps/made-whole.ts";
import { driesOverNight } from "../steps/over-night.ts";
import type { Step } from "../steps/step.ts";
import { asInsert } from "../steps/whole-insert.ts";
import { counted } from "../text/counted.ts";
import { cutDown } from "../text/exact.ts";
import type { Template } from "../text/template.ts";
import { isDrained } from "./drained.ts";
import type { ReadyFacts } from "./facts.ts";
import { mendRules } from "./mend-rules.ts";
import { primesRebate } from "./primes-rebate.ts";
import { remedyFor } from "./remedies.ts";
import { always, byMachine, out, type Rule } from "./rule.ts";

const SIDES: readonly string[] = ["left", "right", "bottom", "top"];

/** Where the seat is made of what, in the words of a step. */
const seat = (f: ReadyFacts): Template => frameOf(f.system).seat;
/** What tape or sealant is laid on. */
const ledge = (f: ReadyFacts): Template => frameOf(f.system).ledge;

/** The task that the cause leaves at the frame. */
function remedy(f: ReadyFacts): readonly Rule[] {
  const found = remedyFor(f.cause);
  return found ? [{ id: "remedy", ...found, when: always }] : [];
}

const BOND_FAILS = "A lump of old tape or sealant lifts the {pane}, and the new bond fails there.";
const NO_SECOND_TRY = "Once the tape's liner or the sealant is open there is no second try.";

/** What a lump left in the seat does, by what the pane is set in. */
const CLEAN_WHY: Readonly<Record<Bed, Template>> = {
  putty: "A lump of old {putty} lifts the {pane}; a crumb is where it cracks.",
  gasket: "A lump lifts the {pane}, and water gets past the gasket beside it.",
  tape: BOND_FAILS,
  silicone: BOND_FAILS,
  both: BOND_FAILS,
};

/** Before what it is tried. */
const TRY_BEFORE: Readonly<Record<Bed, string>> = {
  putty: "before anything is primed",
  gasket: "before anything is closed up",
  tape: "before anything is primed or taped",
  silicone: "before anything is primed or masked",
  both: "before anything is primed or taped",
};

/** Metal cannot be eased: what does not go in is cut again. */
const TRY_WHY_METAL = "Found now it costs a minute; found with the bed in, the whole way back: metal cannot be eased.";

/** Why it is tried now, by the same. */
const TRY_WHY: Readonly<Record<Bed, Template>> = {
  putty: "Easing a {rebate} is easy now and hopeless once the bed is in.",
  gasket: "Found now it costs a minute; found when all is closed up, the whole way back.",
  tape: NO_SECOND_TRY,
  silicone: NO_SECOND_TRY,
  both: NO_SECOND_TRY,
};

/** What lies in the rack larger than it goes in. */
function outOfStock({ cutDown: cut }: ReadyFacts): readonly Rule[] {
  if (!cut) return [];
  return [
    {
      id: "cut-down",
      does: `Cut it out of ${cut.of}: ${cutDown(cut.widthMm, cut.heightMm)}, ${counted(cut.edges, "edge")}. Arris what was cut.`,
      why: "It lies there larger than it goes in: score once and break it on the bench, not on the ladder.",
      tools: ["glass cutter", "straightedge", "sanding stone"],
      minutes: 4 * cut.edges + 2,
      gloves: "on",
      hazards: ["broken-glass"],
      when: () => true,
    },
  ];
}

/** Make ready in the order of the work: clean, mend, drain, prime, tape or mask, and the pane tried before anything wet. */
const rules = (f: ReadyFacts): readonly Rule[] => [
  {
    id: "clean",
    does: `Clean all four sides of the ${seat(f)}. Run a fingertip round.`,
    why: CLEAN_WHY[f.bed],
    tools: ["scraper", "vacuum"],
    minutes: 12,
    gloves: "off",
    asks: "sides",
    ticks: SIDES,
    hazards: ["knives", "dust", ...(f.lead && isTimber(f) ? (["lead"] as const) : [])],
    when: out,
  },
  ...remedy(f),
  ...mendRules(f),
  {
    id: "drains",
    does: "Find the drain holes and clear them; pour a cup of water in and see it come out.",
    why: "Water that stands in the frame is what the last seal drowned in.",
    tools: ["wire", "drill", "cup of water"],
    minutes: 6,
    asks: "drains",
    when: isDrained,
  },
  {
    id: "rust",
    does: "Wire-brush rust down to bright metal.",
    why: "Rust under the bed swells and cracks the new {pane}.",
    tools: ["wire brush"],
    minutes: 6,
    hazards: ["dust"],
    when: (g) => isMetal(g) && facePutty(g),
  },
  {
    id: "glass-clean",
    uses: [{ what: "spare blade edges", unit: "pieces", each: 2 }],
    does: "Scrape and clean the glass that goes back, edge and both faces.",
    why: "Old sealant on its edge keeps it from its seat.",
    tools: ["fresh blade held flat", "glass cleaner"],
    minutes: 15,
    gloves: "on",
    hazards: ["knives"],
    when: (g) => g.oldGlassBack && !g.staysIn,
  },
  ...outOfStock(f),
  {
    id: "stickers",
    needsPane: true,
    does: "Take stickers and film off the edge of the new {pane}; leave the label until sign-off.",
    why: `Film under the ${f.bed === "gasket" ? "gasket" : "bed"} is a leak, and cannot be reached later.`,
    minutes: 2,
    when: (g) => !g.oldGlassBack && g.bed !== "putty" && !g.staysIn && !g.cutHere,
  },
  {
    id: "sweep",
    does: "Sweep and vacuum before any glass comes near.",
    why: "Nobody kneels on glass, and no crumb gets under the bed.",
    tools: ["brush", "vacuum", "rubble bag"],
    minutes: 4,
    gloves: "on",
    hazards: ["broken-glass"],
    when: out,
  },
  {
    id: "dry-fit",
    needsDry: true,
    needsPane: true,
    does: `${byMachine(f)}Try the ${f.oldGlassBack ? "" : "new "}{pane} dry${standsOnPackers(f) ? ", with its {packers}" : ""}: ${TRY_BEFORE[f.bed]}.`,
    why: f.bed === "putty" && !frameOf(f.system).canBeEased ? TRY_WHY_METAL : TRY_WHY[f.bed],
    tools: standsOnPackers(f) ? ["the {pane}", "{packers}"] : ["the {pane}"],
    minutes: 5,
    asks: "dry-fit",
    gloves: "on",
    hazards: f.lift === 1 ? [] : ["heavy"],
    ...(f.lift === 1 ? {} : { people: 2 as const }),
    when: out,
  },
  {
    id: "seal-line",
    ofBed: true,
    does: "With the {pane} held dry, mark where the sealant will run, and take a photo.",
    why: "It must not squeeze into view, and the mark is all you have once the {pane} is in.",
    tools: ["pencil", "camera"],
    photos: ["the sealant's line"],
    asks: "seal-path",
    minutes: 3,
    when: (g) => seals(g.bed),
  },
  {
    id: "prime",
    ofBed: true,
    afterFit: true,
    needsDry: true,
    uses: [{ what: "primer", unit: "ml", perMetre: 12 }],
    does: "Prime the {rebate} and let it dry.",
    why: `Raw timber drinks the oil out of {putty}, which then cracks and falls.${driesOverNight(f.primerHours) ? " It dries over night: close the hole for so long." : ""}`,
    tools: ["primer", "brush"],
    minutes: 8,
    driesHours: f.primerHours,
    asks: "dries",
    hazards: ["solvent"],
    when: primesRebate,
  },
  {
    id: "prime-label",
    ofBed: true,
    afterFit: true,
    does: "Read the label: prime if it asks for it.",
    why: "This compound mostly needs none; the label wins.",
    tools: ["label"],
    minutes: 2,
    when: (g) => g.bed === "putty" && isTimber(g) && !g.primeRebate,
  },
  {
    id: "prime-bare",
    ofBed: true,
    afterFit: true,
    needsDry: true,
    uses: [{ what: "primer", unit: "ml", perMetre: 8 }],
    does: "Prime bare timber where the bed will lie, and let it dry.",
    why: "Tape and sealant pull off raw timber, dust and all.",
    tools: ["primer", "brush"],
    minutes: 6,
    driesHours: 4,
    asks: "dries",
    hazards: ["solvent"],
    when: (g) => isTimber(g) && sticks(g.bed),
  },
  {
    id: "prime-metal",
    ofBed: true,
    afterFit: true,
    needsDry: true,
    uses: [{ what: "metal primer", unit: "ml", perMetre: 12 }],
    does: "Brush metal primer on the bare metal, and let it dry.",
    why: "Bare metal rusts behind the bed, where nobody sees it until the {pane} cracks.",
    tools: ["metal primer", "brush"],
    minutes: 4,
    driesHours: 4,
    asks: "dries",
    hazards: ["solvent"],
    when: (g) => isMetal(g) && facePutty(g),
  },
  {
    id: "prime-eased",
    uses: [{ what: "primer", unit: "ml", each: 20 }],
    does: "Prime again where the {rebate} was eased, and let it dry.",
    why: "Easing bares the timber, and bare timber drinks what it is bedded in.",
    tools: ["primer", "brush"],
    minutes: 4,
    driesHours: f.bed === "putty" ? f.primerHours : 4,
    asks: "dries",
    hazards: ["solvent"],
    ofBed: true,
    when: (g) => g.easedPrimed && isTimber(g),
  },
  {
    id: "wipe",
    ofBed: true,
    needsDry: true,
    uses: [{ what: "alcohol", unit: "ml", perMetre: 15 }],
    does: `Wipe ${ledge(f)} and frame with alcohol, one way, with a clean cloth.`,
    why: "What a finger left is enough to let a bond go.",
    tools: ["alcohol", "lint-free cloth"],
    ...(isPlastic(f) ? { never: "No strong solvent on plastic." } : {}),
    minutes: 3,
    hazards: ["solvent"],
    when: (g) => sticks(g.bed),
  },
  {
    id: "mask",
    ofBed: true,
    needsDry: true,
    afterFit: true,
    uses: [{ what: "masking tape", unit: "m", perMetre: 4 }],
    alongEdge: true,
    asks: "length",
    does: "Mask frame and glass along the line, both sides.",
    why: "Smears that have cured take longer than the whole {pane}.",
    tools: ["masking tape"],
    minutes: 6,
    when: (g) => seals(g.bed),
  },
  {
    id: "tape-lay",
    ofBed: true,
    needsDry: true,
    afterFit: true,
    uses: [{ what: "glazing tape", unit: "m", perMetre: 1 }],
    asks: "length",
    does: `Lay the tape on the ${ledge(f)}, just below its lip, corners butted, and press it hard. The liner stays on.`,
    why: "A gap at a corner is a leak; tape that was not pressed lets go in the first cold night.",
    tools: ["glazing tape", "roller"],
    minutes: 6,
    hazards: [],
    when: (g) => tapes(g.bed),
  },
  {
    id: "gasket-look",
    does: "Look the gasket over: hard, shrunk or short at a corner, it is replaced.",
    why: "A gasket that was pulled to length creeps back and opens its corners.",
    tools: ["new gasket", "shears"],
    minutes: 4,
    when: (g) => g.bed === "gasket",
  },
];

/** The steps of making ready for this pane; none where the sash cannot be opened. */
export function readySteps(f: ReadyFacts): readonly Step[] {
  const whole = madeWhole(f);
  if (whole) return seatOfWhole(whole);
  if (f.closed) return [];
  const steps = rules(f).flatMap(({ when, ...step }) => (when(f) ? [step] : []));
  return f.whole === "insert" ? asInsert(steps, f.bed) : steps;
}
