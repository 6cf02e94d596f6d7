import type { Place } from "../../core/measure/places.ts";
import { Elevation } from "./Elevation.tsx";
import { Figures } from "./Figures.tsx";
import { Section } from "./Section.tsx";

type Props = { readonly asked: Place | null; readonly goTo: (place: Place) => void };

/** The two drawings and the figures under them: always there where there is room beside the station. */
export const Drawings = ({ asked, goTo }: Props) => (
  <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,11fr)_minmax(0,9fr)] gap-4 overflow-hidden px-4 py-3">
    <Elevation asked={asked} onPlace={goTo} />
    <div className="flex min-h-0 flex-col gap-3 overflow-y-auto print:overflow-visible">
      <Section />
      <Figures />
    </div>
  </div>
);
