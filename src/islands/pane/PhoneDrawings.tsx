import { Elevation } from "./Elevation.tsx";
import { Figures } from "./Figures.tsx";
import { Section } from "./Section.tsx";

/** The two drawings below the station, where there is no room beside it. */
export const PhoneDrawings = () => (
  <details className="mt-5 border-t border-line pt-3 desk:hidden print:hidden">
    <summary className="min-h-11 cursor-pointer font-semibold">The drawings</summary>
    <div className="space-y-4 bg-sheet p-2">
      <Elevation />
      <Section />
      <Figures />
    </div>
  </details>
);
