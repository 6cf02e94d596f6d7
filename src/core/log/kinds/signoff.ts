import { type KindFactsOf, one } from "../kind-fact.ts";

/** Signing off: what their entries carry. */
export type SignoffPayloads = {
  /** What fell short, when it is put right, and whether it was. */
  "signoff.snag": {
    readonly snag: string;
    readonly says: string;
    readonly due: string | null;
    readonly done: boolean;
  };
  "signoff.check": { readonly item: string; readonly good: boolean; readonly note: string };
  "signoff.signed": { readonly day: string; readonly told: boolean };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const SIGNOFF_KINDS: KindFactsOf<SignoffPayloads> = {
  "signoff.snag": { about: ["pane"], key: (p) => p.snag, apart: "fields" },
  "signoff.check": { about: ["pane"], key: (p) => p.item, apart: "whole" },
  "signoff.signed": { about: ["pane"], key: one, apart: "whole" },
};
