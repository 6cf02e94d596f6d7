import { frameOf } from "../frame/systems.ts";
import { type MethodWhen, methodsOf } from "../steps/method.ts";
import { brokenUp, isGone, type StepFacts } from "./facts.ts";

/** Skills of taking out that keep hands and glass whole, each with when it belongs. Source of all: trade practice; labels win. */
const METHODS: readonly MethodWhen<StepFacts>[] = [
  {
    id: "blade",
    name: "Which blade, and how far out",
    steps: [
      "Two or three segments out, no more: a long thin blade snaps as it flexes. Eyes covered whenever it is bent.",
      "Scraping: the blade flat on the glass, rings off, and never wider than the tape or sealant it lifts.",
      "A dull edge is pushed, and slips: change it. Spare edges are on the list.",
    ],
    schools: [
      { way: "a thin snap blade far out", why: "it flexes behind the glass; its maker says not to" },
      { way: "a proper deglazing blade", why: "it does not break" },
      { way: "a sharpened putty knife, tilted up a little", why: "it lifts the tape" },
    ],
    when: (f) => f.detail.bond !== "gasket" && !isGone(f),
  },
  {
    id: "gloves",
    name: "Which gloves, and when none",
    steps: [
      "On for shards, for lifting and for carrying away; off for reading the tape and feeling the seat.",
      "Bare fingers only once nobody finds loose glass: brush and vacuum first, then feel.",
    ],
    schools: [
      { way: "cut-resistant, with sleeves", why: "shards pass leather" },
      { way: "leather", why: "it is to hand" },
      { way: "bare for the chisel", why: "it can be steered; only where no glass is loose" },
    ],
    when: (f) => brokenUp(f) || f.damage.includes("cracked"),
  },
  {
    id: "where",
    name: "Aloft, from inside, or on a bench",
    steps: [
      "Three points of contact, a stabiliser, no leaning out: if both hands are needed it is not a ladder's job.",
      "A sash that comes down is done on a bench: {putty} overhead falls, and a {pane} overhead is hard to keep whole.",
      "Guard the opening while the sash is away.",
    ],
    schools: [
      { way: "work aloft", why: "the frame does not move" },
      { way: "bring sash or door to a bench", why: "safer and neater" },
      { way: "from the ground, left hanging", why: "it can be reached" },
    ],
    when: (f) => (f.storey ?? 0) > 0,
  },
  {
    id: "helper",
    name: "With a second pair of hands",
    steps: [
      "Say who lifts, who catches and who speaks before it is loose: one voice only.",
      "Booked for that hour alone: the steps say which.",
    ],
    schools: [
      { way: "alone", why: "friction holds the sash, or it lies on a bench" },
      { way: "a helper", why: "the glass leaves on the far side" },
    ],
    when: (f) => f.lift !== 1 || frameOf(f.system).across,
  },
  {
    id: "sweep",
    name: "When to clear up",
    steps: ["At the end of each stage, and look at knees and soles: glass dust travels.", "Vacuum; a broom lifts it."],
    schools: [
      { way: "before every next step", why: "nobody then kneels on glass" },
      { way: "once, at the end", why: "it makes more anyway" },
    ],
    when: brokenUp,
  },
];

/** Cards for taking this pane out. */
export const takeoutMethods = methodsOf(METHODS);
