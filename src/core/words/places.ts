import type { Place } from "../measure/places.ts";
import type { Shape } from "../measure/ways.ts";
import type { Template } from "../text/template.ts";

/** What each place is called, and how to hold the tape there. Words in braces are the reader's dialect. */
const PLACE_FACTS: Readonly<Record<Place, readonly [name: Template, howTo: Template]>> = {
  "width-top": ["width, top", "{Rebate} to {rebate}, just under the head."],
  "width-middle": ["width, middle", "{Rebate} to {rebate}, half way down."],
  "width-bottom": ["width, bottom", "{Rebate} to {rebate}, just above the {sill}."],
  "height-left": ["height, left", "{Rebate} to {rebate}, tape upright against the left jamb."],
  "height-middle": ["height, middle", "{Rebate} to {rebate}, half way across."],
  "height-right": ["height, right", "{Rebate} to {rebate}, tape upright against the right jamb."],
  "diagonal-up": ["diagonal, bottom left to top right", "Corner to corner of the {rebate}, bottom left to top right."],
  "diagonal-down": [
    "diagonal, top left to bottom right",
    "Corner to corner of the {rebate}, top left to bottom right.",
  ],
  "back-width-top": [
    "other face, width, top",
    "{Rebate} to {rebate}, just under the head; from the other face, left and right as before.",
  ],
  "back-width-middle": [
    "other face, width, middle",
    "{Rebate} to {rebate}, half way down; from the other face, left and right as before.",
  ],
  "back-width-bottom": [
    "other face, width, bottom",
    "{Rebate} to {rebate}, just above the {sill}; from the other face, left and right as before.",
  ],
  "back-height-left": [
    "other face, height, left",
    "{Rebate} to {rebate}, tape upright against the left jamb; from the other face, left and right as before.",
  ],
  "back-height-middle": [
    "other face, height, middle",
    "{Rebate} to {rebate}, half way across; from the other face, left and right as before.",
  ],
  "back-height-right": [
    "other face, height, right",
    "{Rebate} to {rebate}, tape upright against the right jamb; from the other face, left and right as before.",
  ],
  "back-diagonal-up": [
    "other face, diagonal, bottom left to top right",
    "Corner to corner of the {rebate}, bottom left to top right; from the other face, left and right as before.",
  ],
  "back-diagonal-down": [
    "other face, diagonal, top left to bottom right",
    "Corner to corner of the {rebate}, top left to bottom right; from the other face, left and right as before.",
  ],
  "rebate-depth": ["{rebate} depth", "Sight line to {rebate} wall, in the plane of the glass."],
  "rebate-width": ["{rebate} width", "Upstand to outer face, through the glass."],
  "depth-left": ["{rebate} depth, left", "Only where the left side differs."],
  "depth-right": ["{rebate} depth, right", "Only where the right side differs."],
  "depth-bottom": ["{rebate} depth, bottom", "Only where the bottom differs."],
  "depth-top": ["{rebate} depth, top", "Only where the top differs."],
  lip: [
    "lip the glass must cover",
    "How far the glass must reach past the lip or sealant groove, where the house rule will not do.",
  ],
  "bead-width": ["{bead} width", "Across the {bead}, the way it stands on the glass."],
  "bead-sanded": ["sanded off the {bead}", "What scraping and sanding took off its width since it was measured."],
  "sight-width": ["sight size, width", "Frame edge to frame edge, as seen through the glass."],
  "sight-height": ["sight size, height", "Frame edge to frame edge, as seen through the glass."],
  "goes-in": [
    "glass goes in, each side",
    "How far the glass goes in behind the frame on one side. Look along its edge: then the {pane} is the sight size and twice that.",
  ],
  "cover-guess": [
    "{rebate} depth, as near as you can tell",
    "How deep the {rebate} is on one side, from sight line to wall. Then the opening is the sight size and twice that.",
  ],
  "cover-doubt": ["the guess may be off by", "On one side, more or less."],
  "old-width": ["old {pane}, width", "The {pane} that came out, edge to edge."],
  "old-height": ["old {pane}, height", "The {pane} that came out, edge to edge."],
  "old-thickness": ["old {pane}, thickness", "Caliper on a clean edge."],
  "old-packed": ["old {packers}, each", "How thick the {packers} on one side of it were; 0 for none."],
  "insert-outside-width": ["insert outside, width", "Outer edge to outer edge of the frame on the door."],
  "insert-outside-height": ["insert outside, height", "Outer edge to outer edge of the frame on the door."],
  "insert-inside-width": ["insert inside, width", "Inner edge to inner edge: the glass that is seen."],
  "insert-inside-height": ["insert inside, height", "Inner edge to inner edge: the glass that is seen."],
  "sash-outside-width": [
    "sash over all, width",
    "Outer edge to outer edge of the sash, at its widest, and not over a gasket.",
  ],
  "sash-outside-height": [
    "sash over all, height",
    "Outer edge to outer edge of the sash, at its highest, and not over a gasket.",
  ],
  "window-hole-width": ["hole, width at the head", "Wall to wall, plaster off. Of the three the least counts."],
  "window-hole-width-middle": ["hole, width in the middle", "Wall to wall, plaster off."],
  "window-hole-width-sill": ["hole, width at the sill", "Wall to wall, plaster off."],
  "window-hole-height": ["hole, height at the left", "Sill to head. Of the three the least counts."],
  "window-hole-height-middle": ["hole, height in the middle", "Sill to head."],
  "window-hole-height-right": ["hole, height at the right", "Sill to head."],
  "door-thickness": ["door thickness", "At the door's edge, skin to skin: the wrong insert will not close on it."],
  "unit-thickness": ["overall, by caliper", "Caliper over both faces, at a clean edge."],
  "pane-thickness": ["near {pane}, by caliper", "Caliper on the nearer {pane}'s own edge."],
  "pane-thickness-far": ["far {pane}, by caliper", "The {pane} against the upstand, if it can be reached."],
  "slip-stop": [
    "mark at the stop's face",
    "From the end that stood on the upstand to the first mark: room for glass and bed.",
  ],
  "slip-far": [
    "mark at the outer glass face",
    "From the end that stood on the upstand to the outer face of the glass.",
  ],
  "slip-near": [
    "mark at that {pane}'s inner face",
    "From the end that stood on the upstand to the inner face of the outer {pane}.",
  ],
  "bed-under": [
    "bed under the glass",
    "Tape or sealant between upstand and glass, about 1.5 mm or 1/16 in. Taken off once.",
  ],
  "timber-thickness": ["timber, through the glass", "The whole thickness of the sash member."],
  "member-face": ["member's face", "How broad the sash member is, in the plane of the glass."],
  "sill-height": ["lower edge above floor", "Floor to the lower edge of the glass."],
  "door-distance": ["nearest door edge", "Edge of the glass to the nearest edge of a door opening."],
  "proud-left": ["left {bead} proud by", "A straightedge on the frame: what shows above it."],
  "proud-right": ["right {bead} proud by", "A straightedge on the frame: what shows above it."],
  "proud-top": ["top {bead} proud by", "A straightedge on the frame: what shows above it."],
  "proud-bottom": ["bottom {bead} proud by", "A straightedge on the frame: what shows above it."],
  "gap-left": ["gap round the sash, left", "Sash shut: between sash and frame, half way up."],
  "gap-right": ["gap round the sash, right", "Sash shut: between sash and frame, half way up."],
  "gap-top": ["gap round the sash, top", "Sash shut: between sash and frame, in the middle."],
  "gap-bottom": ["gap round the sash, bottom", "Sash shut: between sash and frame, in the middle."],
  "head-gap-hinge": ["gap at head, hinge side", "Sash shut: between its top and the frame, at the hinge corner."],
  "head-gap-handle": [
    "gap at head, handle side",
    "The same at the handle corner: the difference is how far it has dropped.",
  ],
};

const PLACES = Object.keys(PLACE_FACTS) as readonly Place[];

const column = (index: 0 | 1): Readonly<Record<Place, Template>> => {
  const texts: Partial<Record<Place, Template>> = {};
  for (const place of PLACES) texts[place] = PLACE_FACTS[place][index];
  return texts as Record<Place, Template>;
};

export const PLACE_NAMES = column(0);

/** How to hold the tape, one line a place. */
export const HOW_TO = column(1);

/** Where a shape has no head that is level, and no corner under it. */
const HOW_TO_SHAPED: Readonly<Partial<Record<Shape, Readonly<Partial<Record<Place, Template>>>>>> = {
  arched: {
    "width-middle": "{Rebate} to {rebate}, half way up to where the head springs.",
    "height-left": "From the {sill} up the left jamb to where the head springs: where it stops being straight.",
    "height-middle": "From the {sill} to the crown, half way across: the highest.",
    "height-right": "From the {sill} up the right jamb to where the head springs.",
    "diagonal-up": "From the foot on the left to where the head springs on the right.",
    "diagonal-down": "From where the head springs on the left to the foot on the right.",
  },
  odd: {
    "width-middle": "{Rebate} to {rebate}, where it is widest.",
    "height-middle": "From its lowest to its highest.",
  },
};

/** How to hold the tape at a place of an opening of that shape. @example howToRead("height-middle", "arched") // to the crown */
export const howToRead = (place: Place, shape: Shape | null): Template =>
  (shape === null ? undefined : HOW_TO_SHAPED[shape]?.[place]) ?? HOW_TO[place];
