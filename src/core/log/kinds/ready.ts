import type { DryFit } from "../../ready/dry-fit.ts";
import type { Hardware, HardwareFate } from "../../ready/hardware.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** Making the opening ready: what their entries carry. */
export type ReadyPayloads = {
  "ready.dry-fit": { readonly fit: DryFit; readonly note: string };
  "ready.hardware": { readonly what: Hardware; readonly fate: HardwareFate };
  "ready.drains": {
    readonly found: number;
    readonly clear: number;
    readonly sleeved?: number | undefined;
    readonly note: string;
  };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const READY_KINDS: KindFactsOf<ReadyPayloads> = {
  "ready.dry-fit": { about: ["pane"], key: one, apart: "whole" },
  "ready.hardware": { about: ["pane"], key: (p) => p.what, apart: "whole" },
  "ready.drains": { about: ["pane"], key: one, apart: "fields" },
};
