import { hingeOf } from "../../../core/pane/hangs.ts";
import { oldGlassOnly } from "../../../core/pane/old-glass.ts";
import { Measure } from "../../measure/Measure.tsx";
import { MeasureStage } from "../../measure/MeasureStage.tsx";
import { ReadingPad } from "../../measure/ReadingPad.tsx";
import { TapeHeld } from "../../measure/TapeHeld.tsx";
import { usePane } from "../../panels/pane-context.ts";
import type { Screen, StationProps } from "./screen.ts";

function MeasureSide({ asked, ask, openTapeLine }: StationProps) {
  const { book } = usePane();
  // What is read of glass that goes back follows from how it hangs: that is asked first.
  const isHangAsked = oldGlassOnly(book) && hingeOf(book) === "not-said";
  return (
    <>
      {!isHangAsked && (
        <div className="-mx-4 -mt-4 desk:hidden print:hidden">
          <ReadingPad place={asked} ask={ask} drawing={(place) => <TapeHeld place={place} />} />
        </div>
      )}
      <Measure asked={asked} ask={ask} openTapeLine={openTapeLine} />
    </>
  );
}

export const screen: Screen = { stage: MeasureStage, side: MeasureSide, sideName: "Readings" };
