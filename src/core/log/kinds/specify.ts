import type { Edges, GlassKind } from "../../specify/glass.ts";
import type { Looks, Part } from "../../specify/looks.ts";
import type { Makeup } from "../../specify/makeup.ts";
import type { Panel } from "../../specify/panel.ts";
import type { Exposure } from "../../specify/wind.ts";
import type { Written } from "../../tape/written.ts";
import type { Mm } from "../../units/length.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** What is to be ordered: what their entries carry. */
export type SpecifyPayloads = {
  "specify.glass": {
    readonly kind: GlassKind;
    readonly thickness: Written;
    readonly edges: Edges;
    readonly pattern: string;
    /** A piece off the rack does as well. */
    readonly offcut?: boolean | undefined;
  };
  "specify.location": {
    readonly inDoor: boolean;
    readonly wetRoom: boolean;
    readonly stairs: boolean;
    readonly walkway: boolean;
    /** No door stands nearer than this, mm: said by who looked along the wall, where there is nothing to measure to. */
    readonly noDoorMm?: Mm | null | undefined;
  };
  /** A sealed unit as it is ordered; null goes back to single glass. */
  "specify.makeup": { readonly makeup: Makeup | null };
  "specify.exposure": { readonly exposure: Exposure };
  "specify.looks": Looks;
  /** A solid decorative panel; null where it is none. */
  "specify.panel": { readonly panel: Panel | null };
  /** A hinged sash with its old glass, what its hinges or stays are rated for, and how far apart they are. */
  "specify.hinges": {
    readonly sashKg: number | null;
    readonly ratedKg: number | null;
    readonly apartMm: Mm | null;
  };
  /** What this pane is to be set in: one of the firm's list. */
  "specify.bed": { readonly compound: string };
  /** What makes the glass hot in one place and cold in another. */
  "specify.sun": { readonly partShade: boolean; readonly darkFrame: boolean };
  /** What is to come with the glass. */
  "specify.parts": { readonly parts: readonly Part[]; readonly note: string };
  /** Whether the glass in a door's insert is to be safety glass. */
  "specify.insert": { readonly safety: boolean };
  /** How the sash hangs, and what it weighs with its old glass, kg. */
  "specify.sash": { readonly position: "upper" | "lower" | "fixed"; readonly sashKg: number | null };
  "specify.match": { readonly answer: "matches" | "will-show" | "not-asked"; readonly note: string };
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const SPECIFY_KINDS: KindFactsOf<SpecifyPayloads> = {
  "specify.glass": { about: ["pane"], key: one, apart: "fields" },
  "specify.location": { about: ["pane"], key: one, apart: "fields" },
  "specify.makeup": { about: ["pane"], key: one, apart: "whole" },
  "specify.exposure": { about: ["pane"], key: one, apart: "whole" },
  "specify.looks": { about: ["pane"], key: one, apart: "fields" },
  "specify.panel": { about: ["pane"], key: one, apart: "whole" },
  "specify.hinges": { about: ["pane"], key: one, apart: "fields" },
  "specify.bed": { about: ["pane"], key: one, apart: "whole" },
  "specify.sun": { about: ["pane"], key: one, apart: "fields" },
  "specify.parts": { about: ["pane"], key: one, apart: "fields" },
  "specify.insert": { about: ["pane"], key: one, apart: "whole" },
  "specify.sash": { about: ["pane"], key: one, apart: "fields" },
  "specify.match": { about: ["pane"], key: one, apart: "whole" },
};
