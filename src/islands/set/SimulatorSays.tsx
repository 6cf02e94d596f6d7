import { memo } from "react";
import { PACKER_BOX } from "../../core/pane/quantities.ts";
import { dropWith, type Packers, type SimulatorFacts, SQUARE_WITHIN_MM, squareBy } from "../../core/set/simulate.ts";
import { liftOf } from "../../core/set/toe-heel.ts";
import { writeLength } from "../../core/tape/write.ts";
import { type LengthUnit, mm, toMm } from "../../core/units/length.ts";
import { farText, type HeldBy, SIMULATOR_WORDS } from "../../core/words/simulator.ts";

const BOX = PACKER_BOX.map(toMm);

type Props = {
  readonly facts: SimulatorFacts;
  readonly packers: Packers;
  readonly wrong: boolean;
  readonly held: HeldBy;
  readonly side: "left" | "right";
  readonly unit: LengthUnit;
  readonly add: (place: keyof Packers, mm: number) => void;
};

/** What the sash does as it is packed, and the one change that brings it square. Its room is kept, so that nothing jumps. */
export const SimulatorSays = memo(function SimulatorSays({ facts, packers, wrong, held, side, unit, add }: Props) {
  const words = SIMULATOR_WORDS[held];
  const drop = dropWith(facts, packers, wrong);
  const lift = liftOf(facts.sash, drop);
  const advice = wrong ? null : squareBy(facts, packers, BOX);
  const text = (length: number): string => farText(length, unit);
  const fine = (length: number): string => writeLength(mm(Math.abs(length)), unit, { places: 2, ticks: 64 });
  const square = Math.abs(drop) <= SQUARE_WITHIN_MM;
  return (
    <>
      <p className={`min-h-24 ${square ? "note-glass" : "note-wax"}`} role="status">
        {wrong
          ? words.wrong(text(drop))
          : square
            ? "Square: it will shut and latch as it was made to."
            : drop > 0
              ? `${words.off(text(drop), side)} Squaring it lengthens the diagonal by ${fine(lift.lengthenMm.exact)} (${fine(lift.lengthenMm.firstOrder)} to first order).`
              : words.over(text(drop), side)}
        {advice &&
          ` ${advice.addMm > 0 ? "Put" : "Take"} ${text(advice.addMm)} ${advice.addMm > 0 ? "more in" : "out"}, ${words.places(side)[advice.place]}.`}
      </p>
      <button
        type="button"
        className="btn btn-main w-full"
        disabled={!advice}
        onClick={() => advice && add(advice.place, advice.addMm)}
      >
        {advice ? "Do that" : "Nothing to add"}
      </button>
    </>
  );
});
