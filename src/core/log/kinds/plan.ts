import { roadKey } from "../../plan/road-key.ts";
import type { VisitPart } from "../../plan/visit-part.ts";
import type { Span, WeekWeights } from "../../plan/week.ts";
import type { KindFactsOf } from "../kind-fact.ts";

/** The firm's plan: what its entries carry. Times are minutes since midnight, where the work is. */
export type PlanPayloads = {
  /** Somebody who works, when, and what they may do that not everybody may. One of the same name replaces it. */
  "plan.person": {
    readonly name: string;
    readonly from: number;
    readonly to: number;
    /** 0 is Sunday. */
    readonly weekdays: readonly number[];
    readonly skills: readonly string[];
    readonly gone?: boolean | undefined;
  };
  /** Away on a day, or there after all; or there in other hours than usual. */
  "plan.away": {
    readonly name: string;
    readonly day: string;
    readonly away: boolean;
    readonly why: string;
    readonly hours?: Span | undefined;
  };
  /** How long the road takes between two places, both ways. */
  "plan.road": { readonly from: string; readonly to: string; readonly minutes: number };
  /** Where a place lies. The firm's yard has the name "yard". */
  "plan.where": { readonly place: string; readonly latitude: number; readonly longitude: number };
  /** What the firm weighs a week by. */
  "plan.weight": { readonly what: keyof WeekWeights; readonly value: number };
  /** A visit is given a day, an hour and its people; no day takes it off again. */
  "plan.visit": {
    readonly part: VisitPart;
    readonly day: string | null;
    readonly from: number | null;
    readonly person: string;
    readonly helper: string | null;
    /** Somebody put it there: laying out leaves it. */
    readonly byHand: boolean;
    /** Why it stands there against what speaks against it. */
    readonly why: string;
  };
  /** Somebody runs late on a day: what is still to come is that much later. */
  "plan.late": { readonly name: string; readonly day: string; readonly minutes: number };
  /** The customer was told of a visit. */
  "plan.told": { readonly part: VisitPart; readonly day: string; readonly says: string };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const PLAN_KINDS: KindFactsOf<PlanPayloads> = {
  "plan.person": { about: [], key: (p) => p.name, apart: "fields" },
  "plan.away": { about: [], key: (p) => `${p.name}\n${p.day}`, apart: "whole" },
  "plan.road": { about: [], key: (p) => roadKey(p.from, p.to), apart: "whole" },
  "plan.where": { about: [], key: (p) => p.place, apart: "whole" },
  "plan.weight": { about: [], key: (p) => p.what, apart: "whole" },
  "plan.visit": { about: ["pane"], key: (p) => p.part, apart: "whole" },
  "plan.late": { about: [], key: (p) => `${p.name}\n${p.day}`, apart: "whole" },
  "plan.told": { about: ["pane"], key: null },
};
