import { isTimber, pinned } from "../frame/held.ts";
import { frameOf } from "../frame/systems.ts";
import { FAULT_FACTS, type MemberFault } from "../look/condition.ts";
import { exactly } from "../text/exact.ts";
import type { Template } from "../text/template.ts";
import { toMm } from "../units/length.ts";
import type { ReadyFacts } from "./facts.ts";
import { type Rule, rotten } from "./rule.ts";

const BENDS_OR_RUSTS: readonly MemberFault[] = ["brittle", "rust", "bent"];

/** What is put right at beads, paint, metalwork and members before anything is primed. */
export const mendRules = (f: ReadyFacts): readonly Rule[] => [
  {
    id: "bead-dress",
    does: "Draw every pin from the {beads}, scrape and sand them smooth, and dress the timber edge the chisel left. Say what came off a sanded one: its fit is reckoned again.",
    why: "A pin's burr holds the {bead} off the glass; paint on its back makes it proud.",
    tools: ["pincers", "scraper", "sandpaper"],
    minutes: 10,
    asks: "nails",
    ...(f.lead ? { never: "No dry sanding where paint may hold lead." } : {}),
    when: (g) => pinned(g) && g.detail.keep === "keep",
  },
  {
    id: "strip",
    does: f.lead
      ? "Scrape the thick paint off wet, down to a sound edge; wipe up the sludge."
      : "Scrape or strip the thick paint while the glass is out.",
    why: "Chipped edges show for years beside new glass, and thick paint makes the sash bind.",
    tools: f.lead ? ["wet scraper", "damp cloths"] : ["scraper", "stripper or warm air"],
    ...(f.lead ? { never: "No dry sanding and no warm air where paint may hold lead." } : {}),
    minutes: 30,
    hazards: ["dust", "solvent", ...(f.lead ? (["lead"] as const) : [])],
    when: (g) => isTimber(g) && (g.detail.paint === "thick" || g.faults.includes("thick-paint")),
  },
  {
    id: "hardware",
    does: `Strip the paint off ${f.strips.join(", ")}: screws, slots and knuckles first.`,
    why: "Paint in a hinge binds the sash and racks its new {pane}; in a slot it chews the screw.",
    tools: f.lead ? ["wet scraper", "damp cloths"] : ["scraper", "wire brush"],
    ...(f.lead ? { never: "No heat and no dry wire brush where paint may hold lead." } : {}),
    minutes: 5 * f.strips.length,
    hazards: ["dust", ...(f.lead ? (["lead"] as const) : [])],
    when: (g) => g.strips.length > 0,
  },
  {
    id: "mend",
    uses: [{ what: "repair paste", unit: "ml", each: 100 }],
    does: "Cut out soft timber, harden and fill, square to the old {rebate}. Let it set.",
    why: "{Sprigs} and pins do not hold in rot, and the {pane} drops.",
    tools: ["chisel", "repair paste"],
    minutes: 30,
    driesHours: 24,
    asks: "dries",
    hazards: ["solvent"],
    when: (g) => rotten(g) && isTimber(g),
  },
  {
    id: "fill",
    needsDry: true,
    uses: [{ what: "repair paste", unit: "ml", each: 50 }],
    does: "Fill where timber came away, square to the old {rebate}, and sand it when it is hard.",
    why: "The bed needs a flat seat; a hollow under it is where water stands.",
    tools: ["repair paste", "sanding block"],
    minutes: 10,
    driesHours: 12,
    asks: "dries",
    hazards: ["solvent"],
    when: (g) => (g.detail.lost === "some" || g.faults.includes("chewed")) && isTimber(g) && !rotten(g),
  },
  {
    id: "joints",
    needsDry: true,
    does: "Free the jammed paint, glue the opened joints and clamp the sash square: both diagonals alike.",
    why: "A sash that works loose breaks the bed of the new {pane} at its corners.",
    tools: ["waterproof glue", "clamps", "tape measure"],
    minutes: 30,
    driesHours: 24,
    asks: "dries",
    when: (g) => (g.mends || g.faults.includes("joint")) && isTimber(g),
  },
  {
    id: "rout",
    needsDry: true,
    does: `Rout the {rebate} ${routText(f.routBy)}; square the corners with a chisel. Then read it again, all of it.`,
    why: "The {unit} must stand in it with its edge seal covered and its {packers} under it.",
    tools: ["router", "template", "chisel"],
    never: "No pass without the template fixed: its set-off is half of guide bush less cutter. Never through a joint.",
    minutes: 60,
    hazards: ["dust", "knives", ...(f.lead ? (["lead"] as const) : [])],
    when: (g) => g.rout && isTimber(g),
  },
  {
    id: "mend-frame",
    does: `Look at every member and corner${f.faults.length > 0 ? `; ${f.faults.map((x): Template => `${FAULT_FACTS[x].name}: ${FAULT_FACTS[x].mending}`).join("; ")}` : ": cracked plastic or rusted metal is mended or the sash is changed"}.`,
    why: "A frame that moves breaks the next seal as well.",
    minutes: 10,
    when: (g) => (rotten(g) || BENDS_OR_RUSTS.some((x) => g.faults.includes(x))) && !isTimber(g),
  },
  {
    id: "ease",
    needsDry: true,
    does: `Ease the {rebate}: ${f.ease.map((e) => `${e.side} up to ${exactly(e.mm)}`).join(", ")}.`,
    why: "The {pane} was ordered for it. Easing is easy now and hopeless once the bed is in.",
    tools: ["sharp chisel", "{rebate} plane"],
    minutes: 20,
    hazards: f.lead ? ["lead"] : [],
    when: (g) => g.ease.length > 0,
  },
  {
    id: "ease-tight",
    needsDry: true,
    does: "Ease where it bound when it was tried, until it drops in by its own weight; then try it again.",
    why: "A {pane} that is pressed home is bent, and cracks in the first cold week.",
    tools: ["sharp chisel", "{rebate} plane"],
    minutes: 15,
    hazards: f.lead ? ["lead"] : [],
    when: (g) => g.boundDry && frameOf(g.system).canBeEased,
  },
];

/** @example "5 mm deeper and 3.5 mm wider" */
function routText(by: ReadyFacts["routBy"]): string {
  if (by === null) return "to the depth and width under Measure";
  const parts = [
    by.deeper > 0 ? `${exactly(toMm(by.deeper))} deeper` : "",
    by.wider > 0 ? `${exactly(toMm(by.wider))} wider` : "",
  ];
  return parts.filter(Boolean).join(" and ") || "to the depth and width under Measure";
}
