import type { Worked } from "../frame/frame.ts";
import type { Template } from "../text/template.ts";

/** What state a member of sash or frame is in. */
export const MEMBER_STATES = ["sound", "mend", "not-worth"] as const;
export type MemberState = (typeof MEMBER_STATES)[number];

export const MEMBER_FACTS: Readonly<Record<MemberState, { readonly name: string; readonly means: string }>> = {
  sound: { name: "sound", means: "Takes new glass as it is" },
  mend: { name: "mend first", means: "Put right before new glass goes in" },
  "not-worth": { name: "not worth it", means: "The sash, or more, is changed" },
};

/** What is wrong with a member that is not sound. */
export const MEMBER_FAULTS = ["rot", "joint", "chewed", "thick-paint", "brittle", "rust", "bent"] as const;
export type MemberFault = (typeof MEMBER_FAULTS)[number];

type FaultFact = {
  readonly name: Template;
  readonly mending: Template;
  /** Work by hand, once for the sash and again for each member that has it, minutes. */
  readonly once: number;
  readonly each: number;
  readonly driesHours: number;
  /** Only in a frame of this. */
  readonly of: Worked;
};

/** Source: trade practice; the firm's own minutes replace them once a step is timed. */
export const FAULT_FACTS: Readonly<Record<MemberFault, FaultFact>> = {
  rot: { name: "rot", mending: "cut out, harden and fill", once: 10, each: 20, driesHours: 24, of: "timber" },
  joint: { name: "opened joint", mending: "glue and clamp square", once: 15, each: 15, driesHours: 24, of: "timber" },
  chewed: {
    name: "chewed {rebate} or corner",
    mending: "fill square to the old {rebate}",
    once: 5,
    each: 5,
    driesHours: 12,
    of: "timber",
  },
  "thick-paint": { name: "thick paint", mending: "strip or scrape", once: 10, each: 10, driesHours: 0, of: "timber" },
  brittle: {
    name: "yellow or brittle plastic",
    mending: "cannot be mended: warm it, work slowly, offer a new sash",
    once: 5,
    each: 0,
    driesHours: 0,
    of: "plastic",
  },
  rust: {
    name: "flaking rust",
    mending: "chip and brush to bright metal, prime at once",
    once: 10,
    each: 15,
    driesHours: 0,
    of: "metal",
  },
  bent: {
    name: "bent or twisted",
    mending: "straighten cold, a little at a time, and try the sash in its frame before the glass",
    once: 15,
    each: 15,
    driesHours: 0,
    of: "metal",
  },
};

export type Member = { readonly state: MemberState; readonly fault?: MemberFault | undefined };

/**
 * What mending the members takes before glass goes in: minutes by hand, and drying, which runs side by side.
 * @example rot in one member, an opened joint at two // 10 + 20 + 15 + 2 × 15 = 75 min, 24 h of drying
 */
export function mendingOf(members: readonly Member[]): {
  readonly faults: readonly MemberFault[];
  readonly minutes: number;
  readonly driesHours: number;
} {
  const mended = members.flatMap((m) => (m.state === "mend" && m.fault ? [m.fault] : []));
  const faults = MEMBER_FAULTS.filter((f) => mended.includes(f));
  return {
    faults,
    minutes: faults.reduce((sum, f) => {
      const fact = FAULT_FACTS[f];
      return sum + fact.once + fact.each * mended.filter((m) => m === f).length;
    }, 0),
    driesHours: Math.max(0, ...faults.map((f) => FAULT_FACTS[f].driesHours)),
  };
}
