import type { Bond, CompoundId } from "../bed/compound.ts";
import type { Template } from "../text/template.ts";
import type { Detail, DetailName } from "./detail.ts";
import type { Layer } from "./part.ts";

export type Face = "inside" | "outside";

/** What keeps the glass from falling out. */
export type Holds = "putty" | "beads" | "screwed-sash" | "halves" | "mouldings";

/** What is pushed or driven in to hold it, beside what holds it. */
export type Fixing = "sprigs" | "clips" | "pins" | "none";

/** What the part that touches the glass is, as it is worked on: what it is cleaned to, primed, painted. */
export type Worked = "timber" | "plastic" | "metal" | "loose-frame";

/**
 * A frame system: all that differs from the next one, in one value. Nothing outside this folder asks which system it is,
 * only what it is like; a system is added by one file and one line of the list, and is drawn in `drawing/system-section.ts`.
 */
export type Frame = {
  /** Names hold {words} that the reader's dialect fills in. */
  readonly name: Template;
  readonly short: Template;
  /** What the opening is made of, as far as it moves with the seasons. */
  readonly material: "timber" | "plastic" | "metal";
  readonly worked: Worked;
  /** What its seat is cleaned down to, in a step's words. */
  readonly seat: Template;
  /** What the glass lies against: where tape or sealant goes, in a step's words. */
  readonly ledge: Template;
  readonly holds: (detail: Detail) => Holds;
  readonly fixing: (detail: Detail) => Fixing;
  /** What the old glass is stuck with: as was said, or what this frame always has. */
  readonly oldBond: (detail: Detail) => Bond;
  /** What new glass is usually set in, by what the old was stuck with: the first offered. */
  readonly usualBed: (bond: Bond) => CompoundId;
  /** From what is reached first to what is reached last. */
  readonly comesApart: (detail: Detail) => readonly Layer[];
  /** What is worth asking: nothing else changes its steps. */
  readonly asks: (detail: Detail) => readonly DetailName[];
  /** What is so different that nothing follows until somebody said it. */
  readonly mustSay?: readonly DetailName[];
  /** What is taken for granted until somebody looks, where it is not what all have. */
  readonly usual: Partial<Detail>;
  /** It mostly holds sealed units. */
  readonly takesUnits: boolean;
  /** What carries the pane: packers at its edges, packers in the channel that wraps it, or nothing of the kind. */
  readonly packs: "edges" | "channel" | "none";
  /** The sash comes down to be worked on, wherever it hangs. */
  readonly comesDown: boolean;
  /** The glass leaves on the face away from whoever pushes: somebody stands there and takes it. */
  readonly across: boolean;
  /** A part of a door: it has no sash of its own, and is also sold whole, as an insert. */
  readonly ofDoor: boolean;
  /** Water that gets in is led out through holes. */
  readonly drains: (detail: Detail) => boolean;
  /** Old putty or compound, and with it asbestos or lead, may be met here. */
  readonly oldPutty: boolean;
  /** Its rebate can be eased with a plane, a chisel or a router. */
  readonly canBeEased: boolean;
  /** Its timber is painted at the end. */
  readonly painted: boolean;
  /** With gaskets only, the glass can stay while the packers are changed. */
  readonly glassStays: boolean;
  /** A gasket comes out first, and goes back last. */
  readonly gasketed: (detail: Detail) => boolean;
  /** Trim, channel or bead may hide a fixing of the frame itself. */
  readonly hidesFixings: boolean;
  /** Something stands over its beads and comes off first. */
  readonly channelled: boolean;
  /** How beads that met square are put back: ends first, or in the reverse of how they came. */
  readonly refits: "ends-first" | "reverse";
  /** A pane in front of another: it takes warmth's part only, and is hung, not set. */
  readonly inFront: boolean;
};

export const never = (): false => false;
export const none = (): readonly DetailName[] => [];

/** New glass is set as the old one was; where that was putty, in silicone: putty keys to timber and primed metal alone. */
export const asItWas = (bond: Bond): CompoundId => (bond === "putty" ? "silicone" : bond);
