import type { System } from "../../frame/systems.ts";
import type { Station } from "../../plan/stations.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

export type PhotoArrow = { readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number };

/** A pane itself, its steps, notes and photos: what their entries carry. */
export type PanePayloads = {
  "pane.added": {
    readonly round: string;
    readonly address: string;
    readonly opening: string;
    readonly light: string;
    readonly system: System;
    readonly side: "inside" | "outside";
    /** Nobody knew yet how it is held: `system` and `side` are stand-ins until somebody corrects them. */
    readonly unsaid?: true | undefined;
  };
  "pane.corrected": {
    readonly address?: string | undefined;
    readonly opening?: string | undefined;
    readonly light?: string | undefined;
    readonly system?: System | undefined;
    readonly side?: "inside" | "outside" | undefined;
  };
  "note.written": { readonly station: Station; readonly text: string };
  "step.marked": {
    readonly station: Station;
    readonly step: string;
    readonly state: "done" | "skipped" | "open";
    readonly reason: string;
  };
  struck: { readonly entry: string; readonly reason: string };
  /**
   * Stored once, and not understood by this version: set aside, shown in the logbook, part of no sum. It is made when the
   * log is read, and never written.
   */
  unread: { readonly kind: string; readonly why: string; readonly was: string };
  /** Sides, corners or faces ticked at one step. */
  "step.sides": { readonly station: Station; readonly step: string; readonly done: readonly string[] };
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
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const PANE_KINDS: KindFactsOf<PanePayloads> = {
  "pane.added": { about: ["pane"], key: null },
  "pane.corrected": { about: ["pane"], key: one, apart: "patch" },
  "note.written": { about: ["pane"], key: null },
  "step.marked": { about: ["pane"], key: (p) => `${p.station}/${p.step}`, apart: "whole" },
  struck: { about: [], key: null },
  unread: { about: [], key: null },
  "step.sides": { about: ["pane"], key: (p) => `${p.station}/${p.step}`, apart: "fields" },
  "photo.added": { about: ["pane"], key: null },
  "photo.marked": { about: ["pane"], key: (p) => p.photo, apart: "whole" },
  "photo.off": { about: ["pane"], key: null },
};
