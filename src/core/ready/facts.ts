import type { Bed, WorkedBy } from "../bed/compound.ts";
import type { MemberFault } from "../look/condition.ts";
import type { Cause } from "../look/damage.ts";
import type { StepFacts } from "../takeout/facts.ts";
import type { Mm, Nm } from "../units/length.ts";

/** What making ready follows from: the pane, what it will be bedded in, and what its size asks for. */
export type ReadyFacts = StepFacts & {
  readonly bed: Bed;
  readonly workedBy: WorkedBy;
  /** Its rags heat by themselves. */
  readonly oily: boolean;
  /** Safety glass goes in, and its mark with it. */
  readonly marked: boolean;
  /** The compound wants a primed rebate; otherwise its label decides. */
  readonly primeRebate: boolean;
  /** How long what is primed under putty dries, by house rule. */
  readonly primerHours: number;
  /** What lies in the rack is larger than it goes in: what of, how large, mm, and how many edges are cut. */
  readonly cutDown: {
    readonly of: string;
    readonly widthMm: Mm;
    readonly heightMm: Mm;
    readonly edges: number;
  } | null;
  /** When tried dry it went in, but bound. */
  readonly boundDry: boolean;
  /** Timber was eased after it was primed. */
  readonly easedPrimed: boolean;
  /** Cut here or off the rack: no maker stuck anything on it. */
  readonly cutHere: boolean;
  /** Sides where the rebate must be eased before this pane goes in, each with its most, mm. */
  readonly ease: readonly { readonly side: string; readonly mm: Mm }[];
  /** A member of the sash is to be mended first, and nobody said what is wrong with it. */
  readonly mends: boolean;
  /** What is wrong with members that are mended first. */
  readonly faults: readonly MemberFault[];
  /** Why the old glass failed, where somebody said. */
  readonly cause: Cause | null;
  /** Metalwork whose paint comes off before it goes back. */
  readonly strips: readonly string[];
  /** Metalwork that is renewed: a job of its own once the glass is in. */
  readonly renews: readonly string[];
  /** Water was found standing in the frame. */
  readonly waterStood: boolean;
  /** The sash is to hold a unit where it held one sheet. */
  readonly rout: boolean;
  /** By how much, where that is known and still to do. */
  readonly routBy: { readonly deeper: Nm; readonly wider: Nm } | null;
};
