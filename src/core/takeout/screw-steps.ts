import type { PartKind } from "../frame/part.ts";
import type { Step } from "../steps/step.ts";
import { isGone, type StepFacts } from "./facts.ts";

type ScrewPart = Extract<
  PartKind,
  "plugs" | "caulk-line" | "corner-screws" | "cassette-screws" | "front-fastenings" | "cassette-half" | "sash-members"
>;

/** What is held by screws: plugs before screws, screws counted, halves held while they part. */
export function screwSteps(kind: ScrewPart, f: StepFacts): readonly Step[] {
  switch (kind) {
    case "plugs":
      return [
        {
          id: "plugs",
          does: "Lift every plug on the room side, and count them.",
          why: "Under each is a screw: one left behind holds the whole half.",
          tools: ["awl or thin knife"],
          minutes: 5,
          asks: "plugs",
        },
      ];
    case "caulk-line":
      return [
        {
          id: "caulk-line",
          does: "Cut the caulk or paint line round the frame, on both faces of the door.",
          why: "Uncut, it takes the door's skin along.",
          asks: "length",
          alongEdge: true,
          tools: ["sharp knife"],
          minutes: 6,
          hazards: ["knives"],
        },
      ];
    case "cassette-screws":
      return [
        {
          id: "cassette-screws",
          does: "Take the screws out from the room, all but two at the top and two below. Count them.",
          why: "Those four hold both halves and the glass until hands have them.",
          tools: ["screwdriver"],
          minutes: 8,
          asks: "screws",
          leaves: 4,
          hazards: ["parted-cassette"],
        },
        {
          id: "cassette-last",
          does:
            f.detail.halves === "caulked"
              ? "With a hand on the room half: the last four screws. The outer half stays by its caulk; test it first."
              : "With a hand on each half: the last four screws.",
          why: "Once the halves part, nothing holds the glass.",
          tools: ["screwdriver"],
          minutes: 3,
          people: 2,
          gloves: "on",
          asks: "screws",
          hazards: ["parted-cassette"],
        },
      ];
    case "cassette-half":
      return [
        {
          id: "cassette-half",
          does: "Draw the room half off, straight.",
          why: "Twisted, it cracks at a screw boss.",
          minutes: 3,
          ...(isGone(f) ? {} : { people: 2 as const }),
          gloves: "on",
        },
      ];
    case "corner-screws":
      return [
        {
          id: "corner-screws",
          does: "Lay it on its face, and take the screws out of two corners that share one member. Count them.",
          why: "One member off is enough: the {pane} slides out, and the rest stays square.",
          tools: ["screwdriver", "blanket"],
          minutes: 8,
          asks: "screws",
        },
      ];
    case "sash-members":
      return [
        {
          id: "sash-member",
          does: "Tap the freed member off along the glass, with a block of wood.",
          why: "Levered outward it bends, and no longer meets its corners.",
          tools: ["block", "mallet"],
          minutes: 5,
          gloves: "on",
        },
        {
          id: "gasket-off",
          does: "Draw the gasket off the glass in one piece, and note which way its lip lies.",
          why: "It goes round the new {pane}, the same way.",
          tools: ["hook", "soapy water"],
          minutes: 4,
        },
      ];
    case "front-fastenings":
      return [
        {
          id: "front-fastenings",
          does: "Turn its catches, buttons or screws, the bottom ones last.",
          why: "The bottom ones carry it while you take hold.",
          tools: ["screwdriver"],
          minutes: 4,
          asks: "screws",
        },
      ];
  }
}
