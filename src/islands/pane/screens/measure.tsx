import { Measure } from "../../measure/Measure.tsx";
import { MeasureStage } from "../../measure/MeasureStage.tsx";
import { ReadingPad } from "../../measure/ReadingPad.tsx";
import { TapeHeld } from "../../measure/TapeHeld.tsx";
import type { Screen, StationProps } from "./screen.ts";

function MeasureSide({ asked, ask, openTapeLine }: StationProps) {
  return (
    <>
      <div className="-mx-4 -mt-4 desk:hidden print:hidden">
        <ReadingPad place={asked} ask={ask} drawing={(place) => <TapeHeld place={place} />} />
      </div>
      <Measure asked={asked} ask={ask} openTapeLine={openTapeLine} />
    </>
  );
}

export const screen: Screen = { stage: MeasureStage, side: MeasureSide, sideName: "Readings" };
