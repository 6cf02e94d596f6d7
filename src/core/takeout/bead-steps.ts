import { isPlastic, isTimber } from "../frame/held.ts";
import type { Side } from "../geometry/quad.ts";
import type { Step } from "../steps/step.ts";
import type { Template } from "../text/template.ts";
import type { StepFacts } from "./facts.ts";
import { GAVE_FACTS, THICK_TAPE_MINUTES, UNHOOKS_FACTS } from "./profile.ts";

const SIDE_NAMES: Readonly<Record<Side, string>> = { left: "left", right: "right", bottom: "bottom", top: "top" };

/** Getting the beads, stops or sprung mouldings off, in the order that their corners force. */
export function beadSteps(kind: "beads" | "mouldings", f: StepFacts): readonly Step[] {
  if (kind === "mouldings") return mouldings();
  const order = f.beads;
  const plastic = isPlastic(f);
  const steps: (Step | false)[] = [
    {
      id: "bead-order",
      does: order
        ? `Look at the corners: these come out ${order.map((b) => SIDE_NAMES[b.side]).join(", ")}.`
        : "Tap how the {beads} meet at each corner: the order follows from it.",
      why: "The wrong one first snaps it, or pins the next.",
      minutes: 2,
      asks: "beads",
    },
    f.detail.keep === "keep" && {
      id: "bead-number",
      does: "Number the {beads}, and mark which end is which.",
      why: "Lengths differ by a hair: in the wrong place one end gapes.",
      tools: ["pencil"],
      photos: ["the {beads}, numbered", "a {bead}'s end, close"],
      minutes: 2,
    },
    ...(f.detail.keep === "destroy"
      ? [
          {
            id: "bead-cut",
            needsNew: true,
            does: "Cut the {beads} away, in the middle of each first.",
            why: "New ones are here: the old need not be spared, the frame and the glass do.",
            tools: ["oscillating blade", "bolster"],
            never: "Never before the new ones are checked in: without them the hole cannot be closed.",
            minutes: 12,
            gloves: "on",
            hazards: ["knives"],
          } satisfies Step,
        ]
      : (order ?? []).map((b, i): Step => bead(f, b, i, plastic))),
    f.detail.keep === "keep" &&
      !order && {
        id: "bead-lift",
        does: "Lift the {beads} out one by one, the one that holds the {pane} last.",
        why: "Whichever goes last keeps the glass from folding out on you.",
        tools: plastic ? ["two broad putty knives"] : ["stiff knife", "mallet"],
        minutes: 12,
        gloves: "on",
        asks: "beads",
      },
    nails(f),
    broken(f),
  ];
  return steps.filter((s) => s !== false);
}

type Bead = NonNullable<StepFacts["beads"]>[number];

function bead(f: StepFacts, b: Bead, turn: number, plastic: boolean): Step {
  const known = f.profile;
  const at = known?.gave ? GAVE_FACTS[known.gave].at : b.start === "middle" ? "in the middle" : `at its ${b.start} end`;
  const unhooks = known?.unhooks ? ` ${UNHOOKS_FACTS[known.unhooks].how}` : "";
  const last = turn === 3;
  const bonded = f.detail.bond !== "gasket";
  const start = plastic
    ? "knock a stiff knife into the seam"
    : f.detail.fixing === "behind-nails"
      ? "open the joint against the frame"
      : "open the joint beside a pin";
  return {
    id: `bead-${b.side}`,
    at: b.side,
    does: `${last ? "Last, with a hand on the {pane}: the" : "The"} ${SIDE_NAMES[b.side]} {bead}: ${start} ${at}, and work it out.${unhooks}`,
    why: last
      ? bonded
        ? "It has kept the {pane} in; from here only the bond does."
        : "It has kept the {pane} in; from here the {pane} is yours."
      : `${b.why.charAt(0).toUpperCase()}${b.why.slice(1)}.`,
    tools: plastic ? ["stiff putty knife", "plastic mallet"] : ["stiff knife", "thin knife"],
    ...(known?.brittle
      ? { never: "This profile is brittle: warm it in the hand, work along it, do not bend it." }
      : plastic
        ? { never: "No bar or screwdriver until it is loose: it dents plastic." }
        : {}),
    minutes: 3 + (known?.tape === "thick" ? THICK_TAPE_MINUTES : 0),
    gloves: "on",
    hazards: ["knives"],
    ...(last && !bonded && !f.staysIn ? { asks: "holder" as const } : {}),
  };
}

/** What holds the {beads}, drawn without a mark on their face. */
const NAILS_OUT: Readonly<Record<Exclude<StepFacts["detail"]["fixing"], "clipped">, Template>> = {
  "fine-pins": "Draw the pins through the back of each {bead}, not back through its face.",
  "face-nails": "Pull the nails out of the frame, or through the stop from behind.",
  "behind-nails": "The stop lifts off its nails, which stay in the frame: draw each, or cut it flush.",
};

function nails(f: StepFacts): Step | false {
  if (f.detail.fixing === "clipped" || f.detail.keep === "destroy") return false;
  return {
    id: "bead-nails",
    does: `${NAILS_OUT[f.detail.fixing]} Count found and drawn.`,
    why: "One left standing proud meets the edge of the new glass.",
    tools: ["pincers", "cutters"],
    minutes: 5,
    asks: "nails",
    hazards: f.toughened ? ["toughened-edge"] : [],
  };
}

/** One gone in visible timber means all four: the old set has faded together. A plastic one is matched by itself. */
function broken(f: StepFacts): Step | false {
  // Beads that are cut away have their new ones here already.
  if (f.broken.length === 0 || f.detail.keep === "destroy") return false;
  const all = isTimber(f);
  return {
    id: "bead-new",
    does: all
      ? `The ${f.broken.join(" and ")} {bead} did not survive: put all four on the order, cut to this opening.`
      : `Order a new {bead} for the ${f.broken.join(" and ")}, of this profile and length.`,
    why: all
      ? "The old set has faded together: one new among three old is seen from the street."
      : "A profile that is only nearly the same lets the gasket stand off the glass.",
    minutes: 3,
  };
}

const mouldings = (): readonly Step[] => [
  {
    id: "moulding-ends",
    does: "Spring out the head and foot mouldings first, starting at a corner.",
    why: "They pin the sides: once they are out the sides follow without force.",
    tools: ["broad putty knife"],
    never: "No bar on the door's face: lever against the knife.",
    minutes: 4,
  },
  {
    id: "moulding-sides",
    does: "Then the two sides, and number all four.",
    why: "They are cut in pairs that differ by a hair.",
    tools: ["broad putty knife"],
    minutes: 4,
  },
];
