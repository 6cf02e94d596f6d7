import type { Detail } from "../../frame/detail.ts";
import type { Side } from "../../geometry/quad.ts";
import type { BeadSchool, Joints } from "../../takeout/beads.ts";
import type { Counted } from "../../takeout/counts.ts";
import type { Waste } from "../../takeout/disposal.ts";
import type { Front } from "../../takeout/facts.ts";
import type { MapItem } from "../../takeout/how-it-was.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** Taking the old glass out: what their entries carry. */
export type TakeoutPayloads = {
  "takeout.marks": { readonly insideFace: string; readonly topEdge: string };
  "takeout.sprigs": { readonly found: number };
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
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const TAKEOUT_KINDS: KindFactsOf<TakeoutPayloads> = {
  "takeout.marks": { about: ["pane"], key: one, apart: "fields" },
  "takeout.sprigs": { about: ["pane"], key: one, apart: "whole" },
  "takeout.detail": { about: ["pane"], key: one, apart: "patch" },
  "takeout.front": { about: ["pane"], key: one, apart: "fields" },
  "takeout.joints": { about: ["pane"], key: one, apart: "fields" },
  "takeout.map": { about: ["pane"], key: (p) => p.item, apart: "fields" },
  "takeout.map-off": { about: ["pane"], key: null },
  "takeout.counted": { about: ["pane"], key: (p) => `${p.what} ${p.way}`, apart: "whole" },
  "takeout.profile": { about: ["pane"], key: one, apart: "whole" },
  "takeout.broken": { about: ["pane"], key: one, apart: "fields" },
  "waste.out": { about: ["pane"], key: null },
  "hands.booked": { about: ["pane"], key: one, apart: "whole" },
};
