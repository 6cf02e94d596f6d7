import type { Compound, OwnCompound } from "../bed/compound.ts";
import type { Visit } from "../finish/visit.ts";
import type { System } from "../frame/systems.ts";
import type { Station } from "../plan/stations.ts";
import type { FacingSign } from "../set/facing.ts";

/** What a compound was on the day it was used. */
export type SetAs = Pick<
  Compound,
  "kind" | "name" | "handsOffHours" | "leastDays" | "mostDays" | "leastC" | "dryBefore" | "primeRebate" | "mostC"
>;

/** Setting, finishing and signing off, and what the firm keeps from them for the next pane. */
export type SetPayloads = {
  "set.done": {
    readonly day: string;
    readonly compound: string;
    readonly sprigs: number | null;
    /** Its figures as they stood that day, whatever becomes of the list. */
    readonly as?: SetAs | undefined;
  };
  /** What it was set in, as its label says: kept for the record, and for whoever asks in five years. */
  "set.material": { readonly what: string; readonly batch: string; readonly expiry: string | null };
  /** The pane that the tag on the sash names, as it was read when the sash came back. */
  "set.tag": { readonly tag: string };
  /** The sign that said which face goes in, and what was seen of it. */
  "set.facing": { readonly sign: FacingSign; readonly seen: string };

  "finish.painted": { readonly day: string };
  /** Somebody else paints it, who was told when. */
  "finish.paint-left": { readonly to: "customer" | "painter"; readonly note: string };
  /** A day on which somebody comes back, and for what. */
  "finish.visit": { readonly day: string; readonly visit: Visit };

  /** What fell short, when it is put right, and whether it was. */
  "signoff.snag": {
    readonly snag: string;
    readonly says: string;
    readonly due: string | null;
    readonly done: boolean;
  };
  "signoff.check": { readonly item: string; readonly good: boolean; readonly note: string };
  "signoff.signed": { readonly day: string; readonly told: boolean };

  /** Learnt on one pane, for the next one like it. */
  "lesson.kept": {
    readonly lesson: string;
    readonly says: string;
    readonly station: Station;
    readonly system: System;
    readonly profile: string;
    readonly address: string;
    /** Where it was learnt. */
    readonly pane: string;
    readonly gone?: boolean | undefined;
  };
  /** What the firm sets glass in, in frames of this kind. */
  "bed.usual": { readonly system: System; readonly compound: string };
  /** A setting material as its label says; one of the same name replaces it. */
  "compound.kept": OwnCompound & { readonly gone?: boolean | undefined };
  /** How much of something lies on the firm's shelf. */
  "shelf.kept": { readonly what: string; readonly amount: number; readonly unit: string };
  /** Left behind on the day of a visit. */
  "kit.forgot": { readonly what: string; readonly day: string };
};
