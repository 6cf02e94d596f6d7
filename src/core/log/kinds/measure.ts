import type { Bars, Coating, Found } from "../../measure/found.ts";
import type { OpeningPlace, Place } from "../../measure/places.ts";
import type { Circumstance, Shape, Sits, Way } from "../../measure/ways.ts";
import type { Written } from "../../tape/written.ts";
import { type KindFactsOf, one } from "../kind-fact.ts";

/** Measuring: what their entries carry. */
export type MeasurePayloads = {
  "measure.reading": {
    readonly place: Place;
    readonly sure?: Circumstance | undefined;
    /** Read at a like pane, and nobody held a tape to this one: a guess, whatever is said of how the others were read. */
    readonly copied?: true | undefined;
  } & Written;
  "measure.again": { readonly place: OpeningPlace } & Written;
  "measure.stood-by": { readonly place: Place; readonly text: string };
  "measure.way": { readonly way: Way };
  "measure.circumstance": { readonly state: Circumstance };
  "measure.shape": { readonly shape: Shape };
  /** A template was taken at the window, its face and its top marked; false where it was lost or is to be taken anew. */
  "measure.template": { readonly taken: boolean };
  "measure.sits": { readonly sits: Sits };
  "measure.bars": Bars;
  "measure.coating": Coating;
  "measure.found": Found;
};

/** What each of them is about, and what becomes of it where two people wrote apart. */
export const MEASURE_KINDS: KindFactsOf<MeasurePayloads> = {
  "measure.reading": { about: ["pane"], key: (p) => p.place, apart: "whole" },
  "measure.again": { about: ["pane"], key: (p) => p.place, apart: "whole" },
  "measure.stood-by": { about: ["pane"], key: (p) => p.place, apart: "whole" },
  "measure.way": { about: ["pane"], key: one, apart: "whole" },
  "measure.circumstance": { about: ["pane"], key: one, apart: "whole" },
  "measure.shape": { about: ["pane"], key: one, apart: "whole" },
  "measure.template": { about: ["pane"], key: one, apart: "whole" },
  "measure.sits": { about: ["pane"], key: one, apart: "whole" },
  "measure.bars": { about: ["pane"], key: one, apart: "whole" },
  "measure.coating": { about: ["pane"], key: one, apart: "whole" },
  "measure.found": { about: ["pane"], key: one, apart: "fields" },
};
