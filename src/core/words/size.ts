import type { FigureError } from "../measure/figure.ts";
import type { OpeningPlace } from "../measure/places.ts";
import type { PuttyError } from "../set/putty.ts";
import type { CutError } from "../size/cut.ts";
import { PLACE_NAMES } from "./places.ts";

/** What a missing reading would tell. */
export const MISSING_TELLS: Readonly<Record<OpeningPlace, string>> = {
  "width-top": "whether it narrows toward the head",
  "width-middle": "whether the jambs bulge",
  "width-bottom": "whether it narrows toward the {sill}",
  "height-left": "whether head and {sill} run parallel",
  "height-middle": "whether the {sill} or head sags",
  "height-right": "whether head and {sill} run parallel",
  "diagonal-up": "whether it leans",
  "diagonal-down": "whether it leans",
};

export function cutErrorSentence(error: CutError): string {
  switch (error.kind) {
    case "needs-width":
      return "Read one width, and the size can be worked out.";
    case "needs-height":
      return "Read one height, and the size can be worked out.";
    case "needs-old-pane":
      return "Like for like needs the old {pane}'s own width and height.";
    case "needs-own-figure":
      return "Type how much comes off each way, both sides together.";
    case "no-stock-size":
      return "Nothing in stock goes in as it is sold. The list is on the house page.";
    case "nothing-left":
      return `Nothing is left of the ${error.axis} when that much comes off. Check the reading or the figure.`;
  }
}

export function figureErrorSentence(error: FigureError): string {
  switch (error.kind) {
    case "needs-width":
      return "Read one width to draw the opening.";
    case "needs-height":
      return "Read one height to draw the opening.";
    case "no-such-figure":
      return `No four-sided opening has these readings. Look at the ${PLACE_NAMES[error.worst]} first: it is the farthest out.`;
  }
}

export function puttyErrorSentence(error: PuttyError): string {
  switch (error.kind) {
    case "no-front-room":
      return `No room is left for face {putty}: bed and glass are ${error.shortByMm.toFixed(1)} mm more than the {rebate} width. Use thinner glass or deepen the {rebate}.`;
    case "glass-larger-than-opening":
      return "The glass is larger than the opening.";
    case "rebate-too-deep":
      return "The {rebate} is deeper than half of the opening. Check its depth: it is read in the plane of the glass.";
    case "waste-out-of-range":
      return "The share wasted must be at least 0 and under 1.";
  }
}
