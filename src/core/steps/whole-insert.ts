import type { Bed } from "../bed/compound.ts";
import type { Step } from "./step.ts";
import type { StepId } from "./step-id.ts";

/** What a step says of a door's insert, or that it is none of it. */
type Instead = Pick<Step, "does" | "why" | "tools" | "uses"> | "none";

/**
 * Steps that are about another thing where frame and glass come as one: the hole in the door is the seat, the flange lies on the
 * door's face, and nobody touches the glass in it. Source: how such inserts are made, in two halves screwed through the door.
 */
const INSTEAD: Readonly<Partial<Record<StepId, Instead>>> = {
  clean: {
    does: "Scrape the edge of the hole, and both faces of the door round it, clean of old caulk. Run a fingertip round.",
    why: "The flange lies on the door's face: a lump of old caulk lifts it, and water gets behind.",
    tools: ["plastic scraper", "vacuum"],
  },
  drains: "none",
  stickers: {
    does: "Take film off the flange where sealant will lie; leave film and label on the glass until sign-off.",
    why: "Film under the {bead} is a leak, and cannot be reached later.",
    tools: [],
  },
  "dry-fit": {
    does: "Try the new insert dry in its hole, both halves: level, over the old line all round, its screw holes meeting.",
    why: "The hole, the door's thickness and the screws: what does not match shows now, and not with sealant on it.",
    tools: ["the insert", "long screws"],
  },
  "seal-line": {
    does: "With the outer half held dry, mark on the door where its flange ends, and take a photo.",
    why: "Sealant belongs inside that line: outside it shows, and collects dirt.",
    tools: ["pencil", "camera"],
  },
  wipe: {
    does: "Wipe the door round its hole and the back of the flange with alcohol, one way, with a clean cloth.",
    why: "What a finger left is enough to let a bond go.",
    tools: ["alcohol", "lint-free cloth"],
  },
  mask: {
    does: "Mask the door along the line that you marked.",
    why: "Smears that have cured take longer than the whole insert.",
    tools: ["masking tape"],
    // The one line, on the outer face: nobody masks the glass of an insert, nor the room's side of the door.
    uses: [{ what: "masking tape", unit: "m", perMetre: 1 }],
  },
  "tape-lay": {
    does: "Lay the tape on the back of the outer half's flange, corners butted, and press it hard. The liner stays on.",
    why: "A gap at a corner is a leak; tape that was not pressed lets go in the first cold night.",
    tools: ["glazing tape", "roller"],
  },
  "to-hand": {
    does: "Before anything wet is opened: halves, screws and helper in reach, masks on.",
    why: "From the first touch there are minutes, and both hands are full.",
    tools: [],
  },
  "face-check": {
    does: "Look once more before it touches: the outer half outside, its head up, by the label.",
    why: "Drains and drip edge are made for one way up.",
    tools: ["label"],
  },
  "bed-bond": {
    does: "Run one unbroken bead round the back of the outer half's flange, fuller in the corners, inside the line that you marked.",
    why: "Leaks start in corners; a bead too far out squeezes into view.",
    tools: ["neutral-cure silicone", "gun"],
  },
  press: {
    does: "Stand the outer half with its glass in the hole from outside, centred, and bring the room half to it.",
    why: "It can be moved for moments only: look at the four margins first.",
    tools: ["flat hands"],
  },
};

/** The same steps as they are of a whole insert. @example "dry-fit" // "Try the new insert dry in its hole, both halves: …" */
export const asInsert = (steps: readonly Step[], bed: Bed): readonly Step[] =>
  steps.flatMap((step) => {
    // Tape's liner and a gasket are looked to in the same way on a flange as on a leg.
    const instead = step.id === "bed-bond" && bed !== "silicone" ? undefined : INSTEAD[step.id];
    if (instead === "none") return [];
    if (instead === undefined) return [step];
    const { asks, tools, never, ...rest } = step;
    return [
      {
        ...rest,
        does: instead.does,
        why: instead.why,
        ...(instead.tools ? { tools: instead.tools } : {}),
        ...(instead.uses ? { uses: instead.uses } : {}),
        ...(asks !== undefined && KEPT.has(asks) ? { asks } : {}),
      },
    ];
  });

/** What is asked of a pane in its seat is not asked of an insert; whether it goes in, and how long sealant stays open, is. */
const KEPT: ReadonlySet<NonNullable<Step["asks"]>> = new Set(["sides", "dry-fit", "open-time", "length"]);
