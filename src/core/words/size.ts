import type { FigureError } from "../measure/figure.ts";
import type { OpeningPlace } from "../measure/places.ts";
import type { Way } from "../measure/ways.ts";
import type { PuttyError } from "../set/putty.ts";
import type { CutError } from "../size/cut.ts";
import type { Template } from "../text/template.ts";
import { PLACE_NAMES } from "./places.ts";

/** What a missing reading would tell. */
export const MISSING_TELLS: Readonly<Record<OpeningPlace, Template>> = {
  "width-top": "whether it narrows toward the head",
  "width-middle": "whether the jambs bulge",
  "width-bottom": "whether it narrows toward the {sill}",
  "height-left": "whether head and {sill} run parallel",
  "height-middle": "whether the {sill} or head sags",
  "height-right": "whether head and {sill} run parallel",
  "diagonal-up": "whether it leans",
  "diagonal-down": "whether it leans",
};

/** What each way of measuring wants first, before there is any size. */
const FIRST_OF: Readonly<Record<Way, { readonly width: Template; readonly height: Template }>> = {
  rebate: {
    width: "Read one width, and the size can be worked out.",
    height: "Read one height, and the size can be worked out.",
  },
  "through-glass": {
    width: "Read the sight size, and how far the glass goes in behind it or how deep the {rebate} is.",
    height: "Read the sight height too, and how far the glass goes in behind it or how deep the {rebate} is.",
  },
  "old-unit": {
    width: "Read the old {pane}'s width and height, edge to edge.",
    height: "Read the old {pane}'s height too, edge to edge.",
  },
  "insert-outside": {
    width: "Read the insert's width and height, over its frame.",
    height: "Read the insert's height too, over its frame.",
  },
  "sash-outside": {
    width: "Read the old sash's width and height, outer edge to outer edge.",
    height: "Read the old sash's height too, outer edge to outer edge.",
  },
  "window-hole": {
    width: "Read the width and height of the hole in the wall, each at three places: the least counts.",
    height: "Read the height of the hole in the wall too, at three places: the least counts.",
  },
  "insert-inside": {
    width: "Read the width and height of the glass that is seen, frame to frame.",
    height: "Read the height of the glass that is seen too, frame to frame.",
  },
};

/** Why there is no size, and what to do about it, by the way that it is measured. */
export function cutErrorSentence(error: CutError, way: Way = "rebate"): Template {
  switch (error.kind) {
    case "needs-width":
      return FIRST_OF[way].width;
    case "needs-height":
      return FIRST_OF[way].height;
    case "needs-old-pane":
      return "Like for like needs the old {pane}'s own width and height.";
    case "needs-own-figure":
      return "Type how much comes off each way, both sides together.";
    case "no-stock-size":
      return "Nothing in stock goes in as it is sold. The list stands under House rules.";
    case "nothing-left":
      return `Nothing is left of the ${error.axis} when that much comes off. Check the reading or the figure.`;
  }
}

export function figureErrorSentence(error: FigureError): Template {
  switch (error.kind) {
    case "needs-width":
      return "Read one width to draw the opening.";
    case "needs-height":
      return "Read one height to draw the opening.";
    case "no-such-figure":
      return `No four-sided opening has these readings. Look at the ${PLACE_NAMES[error.worst]} first: it is the farthest out.`;
  }
}

export function puttyErrorSentence(error: PuttyError): Template {
  switch (error.kind) {
    case "no-front-room":
      return `No room is left for face {putty}: bed and glass are ${error.shortByMm.toFixed(1)} mm more than the {rebate} width. Use thinner glass or deepen the {rebate}.`;
    case "glass-larger-than-opening":
      return "The glass is larger than the opening.";
    case "rebate-too-deep":
      return "The {rebate} is deeper than half of the opening. Check its depth: it is read in the plane of the glass.";
    case "set-back-too-far":
      return "The {putty} is set back farther than the {rebate} is deep: nothing of it is left.";
    case "falls-through":
      return "The glass is no larger than the sight opening: it would fall through, and no {putty} holds it. Measure it or the {rebate} depth again.";
    case "waste-out-of-range":
      return "The share wasted must be at least 0 and under 1.";
  }
}
