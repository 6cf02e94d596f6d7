import { frameOf } from "../frame/systems.ts";
import type { Damage } from "../look/damage.ts";
import type { Hinge } from "../measure/found.ts";
import type { StepFacts } from "../takeout/facts.ts";
import type { Template } from "../text/template.ts";
import type { Hazard } from "./hazard.ts";
import type { Step } from "./step.ts";

/** What a sash, or a window with its frame, is changed by: nobody takes the glass out of it. */
export type MadeWhole = {
  readonly what: "sash" | "window";
  readonly hinge: Hinge;
  /** Its glass is cracked, holed or in pieces: it is taped before anything moves. */
  readonly broken: boolean;
  readonly timber: boolean;
  readonly heavy: boolean;
};

const BROKEN: readonly Damage[] = ["cracked", "holed", "standing"];

/** The sash or window that is changed whole here, its glass in it; null where a pane or a door's insert is. */
export const madeWhole = (f: StepFacts): MadeWhole | null =>
  f.whole === "sash" || f.whole === "window"
    ? {
        what: f.whole,
        hinge: f.hinge,
        broken: f.damage.some((d) => BROKEN.includes(d)),
        timber: frameOf(f.system).material === "timber",
        heavy: f.lift !== 1,
      }
    : null;

/** How a sash is freed, and hung again, by what it hangs on. Source: trade practice. */
const HANGING: Readonly<Record<Hinge, { readonly off: string; readonly on: Template; readonly hazards?: Hazard[] }>> = {
  left: {
    off: "Open it wide while a second person holds it. Turn the screws out of the lowest hinge or stay first, the top one last, and lift it away.",
    on: "A second person holds it open and square to the frame. One screw in the top hinge first, then one in each, then the rest.",
  },
  right: {
    off: "Open it wide while a second person holds it. Turn the screws out of the lowest hinge or stay first, the top one last, and lift it away.",
    on: "A second person holds it open and square to the frame. One screw in the top hinge first, then one in each, then the rest.",
  },
  top: {
    off: "A second person holds its foot. Turn the stays' screws out of the sash, one side, then the other: it drops as the last one leaves.",
    on: "A second person holds its foot out. One screw in each stay, shut it once, then the rest.",
  },
  bottom: {
    off: "Hold it upright. Undo what keeps it from falling open first, then its hinges, and lift it in.",
    on: "Stand it on its hinges, upright and held. One screw in each, shut it once, the rest, then what keeps it from falling open.",
  },
  slides: {
    off: "Take out the blocks that keep it in its track, lift it into the head, and swing its foot out.",
    on: "Head into its track first, then the foot over its rail. Set the wheels until it runs level; the blocks go back.",
  },
  hung: {
    off: "Prise one stop off from its middle and swing the sash in. Knot each cord, or hold each balance with its own tool, before it is let go: a spring or a weight let go takes fingers with it.",
    on: "Weigh the new sash: another weight wants other weights or balances. Hook it on, swing it in, the stop goes back; it must stay where it is left.",
    hazards: ["spring-balance"],
  },
  fixed: {
    off: "Cut the seal round it. Turn its fixings out while a second person holds it: nothing else does.",
    on: "Stand it on {packers} under its load points, even all round, and fix it where the old one was fixed.",
  },
  "not-said": {
    off: "A second person holds it. Free what it hangs by, the lowest first, and lift it away.",
    on: "A second person holds it. One screw in each place where it hangs, shut it once, then the rest.",
  },
};

const held = (f: MadeWhole): Pick<Step, "people"> => (f.what === "window" || f.heavy ? { people: 2 } : {});
const lifted = (f: MadeWhole): readonly Hazard[] => (f.heavy ? ["heavy"] : []);

/** Taking the old one away, once the ground is guarded. */
export function outOfFrame(f: MadeWhole): readonly Step[] {
  const taped: readonly Step[] = f.broken
    ? [
        {
          id: "whole-tape",
          does: "Tape the broken glass across, on each face that you can reach, before anything moves.",
          why: "A sash twists as it is lifted, and lets go of what only just held.",
          tools: ["wide tape", "cut-resistant gloves"],
          minutes: 5,
          gloves: "on",
          hazards: ["broken-glass"],
        },
      ]
    : [];
  const compared: Step = {
    id: "whole-compare",
    does:
      f.what === "sash"
        ? "Lay the new sash beside the old one before a screw is turned: width, height, thickness, the side it hangs on, the side of its handle."
        : "Measure the new window and the hole once more before the old one is touched: width and height at three places, and which way it opens.",
    why: "What does not match shows while the old one still keeps the rain out.",
    tools: ["tape measure"],
    minutes: 5,
    needsNew: true,
  };
  if (f.what === "window")
    return [
      ...taped,
      compared,
      {
        id: "window-out",
        does: "Take opening sashes off first, then free the frame at its fixings, and ease it out whole. Look that nothing bears on it before the last fixing goes.",
        why: "Some old frames carry the wall above: without a lintel it comes down.",
        tools: ["saw for fixings", "levers", "boards"],
        never: "Where no lintel shows, stop and ask somebody who answers for the structure.",
        minutes: 60,
        people: 2,
        gloves: "on",
        hazards: ["heavy", "broken-glass"],
      },
    ];
  return [
    ...taped,
    compared,
    {
      id: "sash-off",
      does: HANGING[f.hinge].off,
      why: "The last fixing lets the whole weight go at once.",
      tools: ["screwdriver", "a second pair of hands"],
      minutes: 15,
      people: 2,
      gloves: "on",
      hazards: [...(HANGING[f.hinge].hazards ?? []), ...lifted(f)],
    },
    {
      id: "sash-parts",
      does: "Keep hinges, stays, latch plates and screws by their side until the new sash shuts.",
      why: "What came with the new one may be of another hand or another length.",
      tools: ["bags", "marker"],
      minutes: 3,
    },
  ];
}

/** Where it goes, made ready. */
export const seatOfWhole = (f: MadeWhole): readonly Step[] => [
  f.what === "sash"
    ? {
        id: "frame-clean",
        does: "Brush out the frame and its drains; flat or torn seals out, new ones in, joined at the head.",
        why: "A new sash on an old seal lets in the same wind.",
        tools: ["brush", "new seal", "shears"],
        minutes: 10,
      }
    : {
        id: "hole-clean",
        does: "Clear the hole to sound wall: old sealant, foam and plaster off, the sill brushed and level; a damp-proof strip where one was.",
        why: "A frame set on crumbs is twisted before it is glazed.",
        tools: ["bolster", "brush", "level"],
        minutes: 30,
        hazards: ["dust"],
      },
  ...(f.timber && f.what === "sash"
    ? [
        {
          id: "screw-holes" as const,
          does: "Plug screw holes that do not meet the new hinges, with glued slips cut flush.",
          why: "A screw half in an old hole follows it.",
          tools: ["slips", "glue", "chisel"] as const,
          minutes: 10,
        },
      ]
    : []),
  {
    id: "dry-fit",
    does:
      f.what === "sash"
        ? "Stand the new sash in its frame, not hung yet: even all round, not in wind on its seal."
        : "Stand the new frame in its hole: room all round for packing and seal, and nothing pinched.",
    why: "What binds or is too small shows now, and goes back whole.",
    tools: ["wedges", "tape measure"],
    minutes: 10,
    asks: "dry-fit",
    ...held(f),
    hazards: [...lifted(f)],
  },
];

/** Putting it in. */
export const inItsFrame = (f: MadeWhole): readonly Step[] => [
  f.what === "sash"
    ? {
        id: "sash-hang",
        does: HANGING[f.hinge].on,
        why: "One screw a hinge can still be moved; all of them cannot.",
        tools: ["screwdriver", "a second pair of hands"],
        minutes: 20,
        people: 2,
        afterFit: true,
        hazards: [...(HANGING[f.hinge].hazards ?? []), ...lifted(f)],
      }
    : {
        id: "window-in",
        does: "Stand it on {packers} under its load points, plumb, level and flat; fix it by its maker's distances, both corners measured again after each fixing.",
        why: "Glass in a frame that is out of square binds or rattles for good.",
        tools: ["{packers}", "level", "fixings"],
        minutes: 60,
        people: 2,
        afterFit: true,
        hazards: [...lifted(f)],
      },
  {
    id: "sash-even",
    does: "Shut it: the gaps round it are even, and a strip of paper is held at each side. Move it at its hinges, wheels or {packers} until they are.",
    why: "Where paper slips out, wind comes in.",
    tools: ["strip of paper", "key for the hinges"],
    minutes: 10,
    asks: "gaps",
  },
  {
    id: "sash-latch",
    does: "Handle, latch and lock on: it shuts with two fingers, and whatever keeps it from falling or opening too far is back.",
    why: "A restrictor left off is a child's fall.",
    tools: ["screwdriver"],
    minutes: 8,
  },
];

/** What is left to do once it hangs. */
export const afterWhole = (f: MadeWhole): readonly Step[] => [
  ...(f.what === "window"
    ? ([
        {
          id: "window-seal",
          does: "Fill the gap round the frame and seal it outside, as its maker and the wall ask; the room side is closed too.",
          why: "Warm air that gets into the gap is water in the wall.",
          tools: ["sealant", "backing", "gun"],
          minutes: 30,
          dryDay: true,
        },
      ] satisfies readonly Step[])
    : []),
  ...(f.timber
    ? ([
        {
          id: "whole-paint",
          does: "Paint what came primed: its top and bottom edges too.",
          why: "Nobody looks at the bottom edge, and that is where water goes in.",
          tools: ["brush", "paint"],
          minutes: 30,
          dryDay: true,
        },
      ] satisfies readonly Step[])
    : []),
  {
    id: "clean",
    does: "Film off the frame today, stickers off the glass; clean both faces, and look in slanting light.",
    why: "Film left in the sun stays for good.",
    tools: ["glass cleaner", "cloth"],
    minutes: 8,
  },
];
