import type { Visit } from "../../finish/visit.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** Finishing: what their entries carry. */
export type FinishPayloads = {
  "finish.painted": { readonly day: string };
  /** Somebody else paints it, who was told when. */
  "finish.paint-left": { readonly to: "customer" | "painter"; readonly note: string };
  /** A day on which somebody comes back, and for what. */
  "finish.visit": { readonly day: string; readonly visit: Visit };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const FINISH_KINDS: KindFactsOf<FinishPayloads> = {
  "finish.painted": { about: ["pane"], key: one, apart: "whole" },
  "finish.paint-left": { about: ["pane"], key: one, apart: "whole" },
  "finish.visit": { about: ["pane"], key: one, apart: "whole" },
};
