import type { Detail } from "../frame/detail.ts";
import type { Side } from "../geometry/quad.ts";
import type { MemberFault, MemberState } from "../look/condition.ts";
import type { Earlier } from "../look/earlier.ts";
import type { ExamAnswer, ExamQuestion } from "../look/exam.ts";
import type { OptionKind } from "../look/options.ts";
import type { Special } from "../look/special.ts";
import type { Station } from "../plan/stations.ts";
import type { DryFit } from "../ready/dry-fit.ts";
import type { Hardware, HardwareFate } from "../ready/hardware.ts";
import type { FilledSides } from "../refurbish/beads-and-seal.ts";
import type { Cleaner, CleanResult } from "../refurbish/cleaners.ts";
import type { Took } from "../steps/past.ts";
import type { BeadSchool, Joints } from "../takeout/beads.ts";
import type { Counted } from "../takeout/counts.ts";
import type { Waste } from "../takeout/disposal.ts";
import type { Front } from "../takeout/facts.ts";
import type { MapItem } from "../takeout/how-it-was.ts";
import type { Profile } from "../takeout/profile.ts";

/** Name, address and numbers of the firm; empty where nobody said. */
export type FirmDetails = {
  readonly name: string;
  readonly address: string;
  readonly telephone: string;
  readonly mail: string;
  readonly taxNumber: string;
};
export const NO_DETAILS: FirmDetails = { name: "", address: "", telephone: "", mail: "", taxNumber: "" };

export type Customer = {
  readonly address: string;
  readonly name: string;
  readonly telephone: string;
  readonly keyHolder: string;
};

/** Looking, taking out and making ready: what the entries of these stations carry. */
export type BeforePayloads = {
  /** A test for lead, kept once for the whole building. */
  /** The firm as it stands on its papers. */
  "firm.details": FirmDetails;
  /** Whose window it is at an address, and who has the key. One of the same address replaces it. */
  "customer.kept": Customer;
  "building.lead": { readonly address: string; readonly result: "none" | "found" };

  /** How the beads of a frame profile let go, kept for the next window of that profile. */
  "profile.known": Profile;
  /** How long a step took, for the firm's own minutes. */
  "work.took": Took;

  "look.answer": { readonly question: ExamQuestion; readonly answer: ExamAnswer | null };
  /** Whether the sash lets its glass go at all. */
  "look.opens": { readonly opens: boolean };
  "look.special": { readonly special: readonly Special[]; readonly licensed: string };
  "look.condition": {
    readonly member: Side;
    readonly state: MemberState;
    readonly fault?: MemberFault | undefined;
    readonly note: string;
  };
  "look.option": { readonly option: OptionKind; readonly reason: string };
  "look.earlier": { readonly found: readonly Earlier[] };
  "look.wants": { readonly by: string | null; readonly mustLock: boolean; readonly minds: string };

  "takeout.detail": Partial<Detail>;
  "takeout.front": {
    readonly front: readonly { readonly what: Front; readonly kept: string; readonly fate: "back" | "thrown" }[];
  };
  "takeout.joints": { readonly joints: Joints; readonly school: BeadSchool };
  "takeout.map": MapItem;
  "takeout.map-off": { readonly item: string };
  "takeout.counted": { readonly what: Counted; readonly way: "out" | "back"; readonly count: number };
  "takeout.profile": { readonly profile: string };
  /** Beads that did not survive. */
  "takeout.broken": { readonly beads: readonly Side[] };
  /** Old glass that left, and where it went. */
  "waste.out": { readonly waste: Waste; readonly bags: number; readonly where: string };
  /** A second person, for the hour that needs one. */
  "hands.booked": { readonly day: string; readonly from: string; readonly hours: number; readonly helper: string };
  /** Sides, corners or faces ticked at one step. */
  "step.sides": { readonly station: Station; readonly step: string; readonly done: readonly string[] };

  "ready.dry-fit": { readonly fit: DryFit; readonly note: string };
  "ready.hardware": { readonly what: Hardware; readonly fate: HardwareFate };
  "ready.drains": {
    readonly found: number;
    readonly clear: number;
    readonly sleeved?: number | undefined;
    readonly note: string;
  };

  "photo.added": {
    readonly photo: string;
    readonly station: Station;
    readonly width: number;
    readonly height: number;
    readonly caption: string;
    /** What it shows, where a step asked for it: step and side. */
    readonly of?: string | undefined;
  };
  /** Arrows as shares of the picture, from its top left. */
  "photo.marked": { readonly photo: string; readonly arrows: readonly PhotoArrow[]; readonly caption: string };
  "photo.off": { readonly photo: string };

  /** Spacer in from the glass edge, mm; null where nobody measured. */
  "refurbish.gaps": Readonly<Record<"left" | "right" | "top" | "bottom", number | null>>;
  "refurbish.panes": { readonly a: string; readonly b: string };
  "refurbish.unit": RefurbishUnit;
  "refurbish.weighed": { readonly grams: number; readonly minutes: number };
  "refurbish.cleaned": { readonly cleaner: Cleaner; readonly result: CleanResult };
  "refurbish.closed": { readonly day: string; readonly sealant: string; readonly lookAgain: string };
};

export type PhotoArrow = { readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number };

/** What the opened unit is made of, mm: enough for its beads and its sealant. */
export type RefurbishUnit = {
  readonly spacerMm: number;
  readonly boreMm2: number;
  readonly channelMm: number;
  readonly filledSides: FilledSides;
  readonly keyLegMm: number;
};
