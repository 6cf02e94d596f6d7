import type { Side } from "../../geometry/quad.ts";
import type { MemberFault, MemberState } from "../../look/condition.ts";
import type { Cause, Damage, Urgency } from "../../look/damage.ts";
import type { Earlier } from "../../look/earlier.ts";
import type { ExamAnswer, ExamQuestion } from "../../look/exam.ts";
import type { OptionKind } from "../../look/options.ts";
import type { Special } from "../../look/special.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** Looking at what is broken: what their entries carry. */
export type LookPayloads = {
  "look.damage": { readonly damage: readonly Damage[] };
  "look.cause": { readonly cause: Cause };
  "look.urgency": { readonly urgency: Urgency };
  "look.building": { readonly year: number | null; readonly storey: number | null };
  "look.closed": { readonly how: string; readonly since: string; readonly until: string; readonly told: string };
  "look.opened": { readonly day: string };
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
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const LOOK_KINDS: KindFactsOf<LookPayloads> = {
  "look.damage": { about: ["pane"], key: one, apart: "fields" },
  "look.cause": { about: ["pane"], key: one, apart: "whole" },
  "look.urgency": { about: ["pane"], key: one, apart: "whole" },
  "look.building": { about: ["pane"], key: one, apart: "fields" },
  "look.closed": { about: ["pane"], key: one, apart: "whole" },
  "look.opened": { about: ["pane"], key: one, apart: "whole" },
  "look.answer": { about: ["pane"], key: (p) => p.question, apart: "whole" },
  "look.opens": { about: ["pane"], key: one, apart: "whole" },
  "look.special": { about: ["pane"], key: one, apart: "fields" },
  "look.condition": { about: ["pane"], key: (p) => p.member, apart: "fields" },
  "look.option": { about: ["pane"], key: one, apart: "whole" },
  "look.earlier": { about: ["pane"], key: one, apart: "fields" },
  "look.wants": { about: ["pane"], key: one, apart: "fields" },
};
