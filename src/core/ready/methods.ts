import { isTimber } from "../frame/held.ts";
import { type MethodWhen, methodsOf } from "../steps/method.ts";
import type { ReadyFacts } from "./facts.ts";

const METHODS: readonly MethodWhen<ReadyFacts>[] = [
  {
    id: "glass",
    name: "Cleaning glass that goes back",
    steps: [
      "A fresh blade, held flat, a fingertip on it as a stop; rings off.",
      "Solvent on what is left, on a cloth: not on plastic, not on a laminated edge, not on a {unit}'s seal.",
      "Plain cleaner last, both faces and the edge. Change the blade when it drags.",
    ],
    schools: [
      { way: "shop window cleaner last", why: "quick, and to hand" },
      { way: "vinegar and water last", why: "leaves less film" },
      { way: "oil first", why: "lifts old sealant, but all of it must come off again" },
    ],
    when: (f) => f.oldGlassBack && !f.staysIn,
  },
  {
    id: "bare",
    name: "How far to clean for what comes next",
    steps: [
      "Fresh tape or sealant: to bare frame and bare glass; old sealant takes no new.",
      "{Putty}: to bare, primed timber; a hard thin film that lies flat may stay.",
      "Run a bare fingertip round, when no loose glass is left: a lump that you feel is a lump that breaks it.",
    ],
    schools: [
      { way: "every trace off", why: "the old layer is what lets go" },
      { way: "even is enough", why: "tape grips a thin, flat film" },
      { way: "keep sound foam tape", why: "it still springs; only where it sits tight all round" },
    ],
    when: (f) => !f.staysIn,
  },
  {
    id: "two-part",
    name: "Getting {putty} ready",
    steps: [
      "Linseed: warm it in the hand to a pencil roll that does not crack.",
      "Two-part: wrapper off, all of it; mix to one colour, no streaks.",
      "Knife clean and polished: {putty} sticks to what is dull.",
    ],
    schools: [],
    workMinutes: 5,
    when: (f) => f.bed === "putty",
  },
  {
    id: "mask",
    name: "Keeping wet sealant off",
    steps: ["Mask as a step of its own, frame and glass, before the tube is opened.", "Pull the tape while it is wet."],
    schools: [
      { way: "mask both sides", why: "cured smears are slow to remove" },
      { way: "wipe while it is wet", why: "quicker, if you are quick" },
      { way: "wet it with alcohol mix and scrape", why: "it lifts whole and does not smear" },
    ],
    when: (f) => f.bed === "silicone",
  },
  {
    id: "paint",
    name: "Whether thick paint comes off",
    steps: [
      "Test it for lead first; until you know, wet-scrape, and no heat.",
      "Sound, thin and even: leave it, and feather the edge that the blade leaves.",
      "Chipped, layered or jamming: strip it while the glass is out, or shield the glass that stays.",
      "At least the {rebate}, the meeting edges and a hand's width round the new {putty}.",
    ],
    schools: [
      { way: "warm air and a scraper", why: "less dust; never on lead, never beside glass" },
      { way: "strip the whole sash", why: "paint is what jams it" },
      { way: "sand it down", why: "a smooth ground; only where it is tested and free of lead" },
    ],
    when: isTimber,
  },
];

/** Cards for this pane. */
export const readyMethods = methodsOf(METHODS);
