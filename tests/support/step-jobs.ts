import type { System } from "../../src/core/frame/systems.ts";
import { EXAM_QUESTIONS, type ExamAnswers } from "../../src/core/look/exam.ts";
import { ORDER, ORDER_LINE, PANE, type Teller } from "./told.ts";

/* Jobs as they are told, and the steps that each must get: in this order, and without what belongs to another. */

export const READ = {
  "width-middle": "600",
  "height-middle": "900",
  "rebate-depth": "10",
  "rebate-width": "18",
} as const;

export type Station = "takeout" | "ready" | "set" | "finish";
export type Job = {
  readonly name: string;
  readonly system: System;
  readonly tell: (t: Teller) => void;
  /** Steps in this order, by their ids; each must stand there. */
  readonly has: Partial<Record<Station, readonly string[]>>;
  readonly not?: Partial<Record<Station, readonly string[]>>;
  /** What no step of any station says, and what some step says. */
  readonly unsaid?: RegExp;
  readonly said?: RegExp;
  readonly next?: string;
};

const answers = (t: Teller, all: ExamAnswers) => {
  for (const question of EXAM_QUESTIONS)
    if (all[question] !== undefined) t.tell("look.answer", { question, answer: all[question] });
};
const accepted = (t: Teller) => {
  t.tell("order.opened", { supplier: "S", reference: "" }, { order: ORDER });
  t.tell("order.line", ORDER_LINE, { order: ORDER, pane: PANE });
  const as = (text: string) => ({ text, unit: "mm" as const });
  t.tell(
    "order.checked",
    { line: ORDER_LINE.line, width: as("597"), height: as("897"), verdict: "accepted", reason: "" },
    { order: ORDER },
  );
};

export const JOBS: readonly Job[] = [
  {
    name: "putty sash, latex from a gun: no primer of sixteen hours, nothing rolled in the hands, no oily rags",
    system: "timber-putty",
    tell: (t) => t.tell("specify.bed", { compound: "acrylic" }),
    has: {
      ready: ["clean", "dry-fit", "prime-label"],
      set: ["warm", "bed", "press", "sprigs", "face"],
      finish: ["paint"],
    },
    not: { ready: ["prime", "wipe", "mask"] },
    said: /Cut the nozzle/,
    unsaid: /in your hands|whiting/,
  },
  {
    name: "putty sash, two-part: mixed",
    system: "timber-putty",
    tell: (t) => t.tell("specify.bed", { compound: "two-part" }),
    has: { ready: ["prime-label"], set: ["warm", "bed"] },
    not: { ready: ["prime"] },
    said: /one colour, no streaks/,
  },
  {
    name: "putty sash, linseed: tried, primed, bedded, painted, in that order",
    system: "timber-putty",
    tell: (t) => t.tell("specify.bed", { compound: "linseed" }),
    has: {
      takeout: ["sheet", "mark", "score-paint", "face-putty", "sprigs", "lift-out", "bed-putty", "bag"],
      ready: ["clean", "sweep", "dry-fit", "prime"],
      set: ["warm", "bed", "pack", "face-check", "press", "sprigs", "face", "trim"],
      finish: ["sight-line", "sill-clean", "clean", "tell", "paint"],
    },
    not: { set: ["wedge-back", "beads-back"], finish: ["latch-shut"] },
  },
  {
    name: "steel, clips and compound: metal primer, metal-casement putty, each clip in its own hole",
    system: "metal-frame",
    tell: () => undefined,
    has: {
      takeout: ["score-paint", "face-putty", "clips", "lift-out"],
      ready: ["rust", "dry-fit", "prime-metal"],
      set: ["clips-back", "face"],
    },
    not: { ready: ["prime"], set: ["sprigs", "beads-back"] },
    unsaid: /timber/,
  },
  {
    name: "aluminium with beads and gaskets",
    system: "metal-frame",
    tell: (t) => t.tell("takeout.detail", { metal: "beads" }),
    has: {
      takeout: ["wedge-gasket", "bead-order", "lift-out", "packers-map"],
      ready: ["drains"],
      set: ["beads-back", "wedge-back"],
    },
    not: { takeout: ["face-putty", "clips"], ready: ["rust", "prime"], set: ["clips-back", "face"] },
  },
  {
    name: "timber beads in silicone",
    system: "timber-bead",
    tell: (t) => t.tell("specify.bed", { compound: "silicone" }),
    has: {
      ready: ["bead-dress", "dry-fit", "seal-line", "prime-bare", "wipe", "mask"],
      set: ["to-hand", "bed-bond", "press", "beads-back", "pins"],
      finish: ["fill-nails", "touch-up"],
    },
    not: { ready: ["prime", "tape-lay"], set: ["bed"] },
  },
  {
    name: "plastic, tape with sealant outside it",
    system: "plastic-bead-outside",
    tell: (t) => t.tell("specify.bed", { compound: "tape-and-sealant" }),
    has: {
      ready: ["dry-fit", "seal-line", "wipe", "mask", "tape-lay"],
      set: ["bed-bond", "press", "scraps", "bond-line", "beads-back"],
    },
    not: { ready: ["prime-bare"] },
  },
  {
    name: "plastic, beads in the room, bonded outside: cut free, no gasket to draw",
    system: "plastic-bead-inside-bonded",
    tell: () => undefined,
    has: {
      takeout: ["bead-order", "loosen", "cut-free", "lift-out", "bed-tape"],
      ready: ["drains", "tape-lay"],
      set: ["bed-bond", "beads-back"],
    },
    not: { takeout: ["wedge-gasket", "push-out"], set: ["wedge-back"] },
    unsaid: /gasket in|takes it: top first/,
  },
  {
    name: "plastic, beads outside, on a bench: turned over, one person, nobody pushes from the room",
    system: "plastic-bead-outside",
    tell: (t) => t.tell("takeout.detail", { where: "bench" }),
    has: { takeout: ["tag", "release", "bead-order", "cut-free", "lift-out"], set: ["rehang"] },
    said: /from the other face, the sash turned over/,
    unsaid: /One pushes from the room/,
  },
  {
    name: "heavier than two may lift: by a machine, out, tried and in",
    system: "plastic-bead-inside",
    tell: (t) => {
      t.read({ "width-middle": "1600", "height-middle": "2100", "unit-thickness": "28", "rebate-depth": "20" });
      t.tell("specify.makeup", {
        makeup: {
          panes: [6, 6].map((mm) => ({ mm, kind: "float" as const })),
          cavities: [{ mm: 16, gas: "air", fill: 1 }],
          coatings: [],
          spacer: "",
        },
      });
    },
    has: { takeout: ["lift-out"], ready: ["dry-fit"], set: ["press"] },
    said: /^By a lifting machine, with someone trained to use it\. (Foot on|Try the new)/,
  },
  {
    name: "a fixed light has no latch and no hinge",
    system: "plastic-bead-outside",
    tell: (t) => answers(t, { opens: "fixed" }),
    has: { set: ["commit"] },
    not: { set: ["close-dry", "brace"], finish: ["latch-shut"] },
    unsaid: /latch/i,
  },
  {
    name: "a hung sash has cords and no rollers",
    system: "plastic-bead-inside",
    tell: (t) => {
      answers(t, { opens: "hung" });
      t.tell("takeout.detail", { where: "bench" });
    },
    has: { set: ["pack"] },
    unsaid: /roller/i,
  },
  {
    name: "one that rolls has rollers and no cords",
    system: "plastic-bead-inside",
    tell: (t) => answers(t, { opens: "slides" }),
    has: { set: ["pack"] },
    said: /over the rollers/,
    unsaid: /cord/i,
  },
  {
    name: "hinged, as the examination found: packed across its diagonal without being asked again",
    system: "plastic-bead-inside",
    tell: (t) => answers(t, { opens: "hinge-left" }),
    has: { set: ["pack", "brace", "locate", "close-dry"] },
    said: /at the left foot/,
  },
  {
    name: "shattered and standing: shards before the putty",
    system: "timber-putty",
    tell: (t) => t.tell("look.damage", { damage: ["standing"] }),
    has: { takeout: ["tape-glass", "mark", "shards", "lift-out", "score-paint", "face-putty", "sprigs", "bed-putty"] },
  },
  {
    name: "shattered, and the putty first all the same",
    system: "timber-putty",
    tell: (t) => {
      t.tell("look.damage", { damage: ["standing"] });
      t.tell("takeout.detail", { out: "after" });
    },
    has: { takeout: ["tape-glass", "face-putty", "sprigs", "shards", "lift-out"] },
  },
  {
    name: "gone: nothing to tape, mark or lift",
    system: "timber-putty",
    tell: (t) => t.tell("look.damage", { damage: ["gone"] }),
    has: { takeout: ["sheet", "face-putty", "sprigs", "shards", "bed-putty"] },
    not: { takeout: ["tape-glass", "mark", "lift-out"] },
  },
  {
    name: "clear plastic is neither taped nor in shards",
    system: "timber-bead",
    tell: (t) => answers(t, { kind: "acrylic" }),
    has: { takeout: ["mark", "lift-out"] },
    not: { takeout: ["tape-glass", "shards"] },
    unsaid: /shards travel/i,
  },
  {
    name: "a storm pane is off before the face behind it is taped; of two faces the one in reach",
    system: "timber-putty",
    tell: (t) => {
      t.tell("look.damage", { damage: ["cracked"] });
      t.tell("takeout.front", { front: [{ what: "storm-pane", fate: "back", kept: "" }] });
      t.tell("takeout.detail", { reach: "outside" });
    },
    has: { takeout: ["sheet", "front-storm-pane", "tape-glass", "mark"], finish: ["fronts-back"] },
    said: /Tape the outer face/,
    unsaid: /Tape both faces/,
  },
  {
    name: "just packed anew: the glass stays in, nothing is ordered, nothing is new",
    system: "plastic-bead-inside",
    tell: (t) => {
      t.tell("look.damage", { damage: ["dropped"] });
      answers(t, { opens: "hinge-left" });
      t.tell("look.cause", { cause: "packing" });
      t.tell("look.option", { option: "repack", reason: "" });
    },
    has: {
      takeout: ["wedge-gasket", "bead-order", "packers-map"],
      set: ["pack", "brace", "close-dry", "beads-back", "wedge-back"],
    },
    not: { takeout: ["tape-glass", "lift-out", "bag"], ready: ["dry-fit", "stickers"], set: ["press", "bed-bond"] },
    unsaid: /new pane/i,
    next: "take-out",
  },
  {
    name: "dropped, its packers wrong, no crack: packing anew is proposed at once",
    system: "plastic-bead-inside",
    tell: (t) => {
      t.tell("look.damage", { damage: ["dropped"] });
      t.tell("look.cause", { cause: "packing" });
    },
    has: {},
    next: "keep-or-renew",
  },
  {
    name: "a whole insert: out with its glass, no bond to cut, centred on loose screws, round by hand",
    system: "cassette",
    tell: (t) => t.tell("measure.way", { way: "insert-outside" }),
    has: {
      takeout: ["plugs", "cassette-screws", "cassette-last", "cassette-half", "lift-out"],
      set: ["screws-loose", "screws-round", "plugs-back"],
    },
    not: { takeout: ["cut-free", "bed-sealant"] },
    said: /outer half out with its glass/,
  },
  {
    name: "changed for its looks: nothing is broken, nothing is taped up",
    system: "timber-bead",
    tell: (t) => {
      t.tell("look.damage", { damage: ["looks"] });
      t.tell("look.cause", { cause: "wish" });
    },
    has: { takeout: ["bead-lift", "lift-out"] },
    not: { takeout: ["shards"], ready: ["remedy"] },
  },
  {
    name: "I have the glass already: straight to taking out, whatever stands of an order",
    system: "timber-putty",
    tell: (t) => {
      t.tell("look.damage", { damage: ["cracked"] });
      t.tell("order.had", {
        from: "bought",
        width: { text: "596", unit: "mm" },
        height: { text: "896", unit: "mm" },
        note: "",
      });
    },
    has: { ready: ["dry-fit"] },
    next: "take-out",
  },
  {
    name: "it broke after it was accepted: ordered again",
    system: "timber-putty",
    tell: (t) => {
      t.tell("look.damage", { damage: ["cracked"] });
      accepted(t);
      t.tell("order.broke", { line: ORDER_LINE.line, whose: "ours", note: "" }, { order: ORDER });
    },
    has: {},
    next: "order-again",
  },
  {
    name: "signed off unpainted in putty: it still waits for its paint",
    system: "timber-putty",
    tell: (t) => {
      t.tell("look.damage", { damage: ["cracked"] });
      accepted(t);
      t.tell("set.done", { day: "2026-05-19", compound: "linseed", sprigs: 16 });
      t.tell("signoff.signed", { day: "2026-05-19", told: true });
    },
    has: { finish: ["paint"] },
    next: "wait-paint",
  },
  {
    name: "painted by the customer: done when its steps are",
    system: "timber-putty",
    tell: (t) => {
      t.tell("look.damage", { damage: ["cracked"] });
      accepted(t);
      t.tell("set.done", { day: "2026-05-19", compound: "linseed", sprigs: 16 });
      t.tell("finish.paint-left", { to: "customer", note: "told" });
    },
    has: {},
    next: "finish-off",
  },
  {
    name: "a misted unit dried and resealed: its seal cures before its edge is taped",
    system: "plastic-bead-inside",
    tell: (t) => {
      answers(t, { kind: "sealed" });
      t.tell("look.option", { option: "refurbish", reason: "" });
    },
    has: { ready: ["ru-mark", "ru-cut", "ru-seal", "ru-tape", "clean", "glass-clean", "dry-fit"] },
    not: { takeout: ["tape-glass"], ready: ["stickers"] },
    said: /200 °C/,
    unsaid: /low heat/,
  },
];
