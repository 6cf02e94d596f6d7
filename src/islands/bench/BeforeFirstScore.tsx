import { useState } from "react";
import { ENOUGH_IN_ROW, HAND_FACTS, type HandTally } from "../../core/practice/hand.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { Fold } from "../panels/Fold.tsx";
import { HandTries } from "../panels/HandTries.tsx";

type Props = {
  /** Whole mm. */
  readonly thickness: number;
  readonly tally: HandTally;
  /** What of this glass this person cut here before. */
  readonly mine: { readonly cutWell: number; readonly spoilt: number };
  /** Of others, where people see each other. */
  readonly others: readonly { readonly who: string; readonly cutWell: number; readonly spoilt: number }[];
  /** What another could be cut from, if one runs off. */
  readonly spares: readonly string[];
  readonly prefs: Prefs;
};

/** Before a sheet is scored: a try on scrap of the same glass, and whether a spare lies there. */
export function BeforeFirstScore({ thickness, tally, mine, others, spares, prefs }: Props) {
  const [now, setNow] = useState(tally);
  const pieces = mine.cutWell + mine.spoilt;
  return (
    <Fold
      title={`First on scrap of ${thickness} mm`}
      more={
        now.inRow >= ENOUGH_IN_ROW ? `${now.inRow} clean in a row` : `${ENOUGH_IN_ROW} clean in a row, then the sheet`
      }
    >
      <p className="text-[14px]">{say(HAND_FACTS.score.how, prefs.dialect)}</p>
      <HandTries skill="score" level={thickness} was={tally} prefs={prefs} onTally={setNow} />
      {pieces > 0 && (
        <p className="text-[13px] text-mute">
          Of your {pieces} pieces of this glass here, {mine.spoilt === 0 ? "none" : mine.spoilt} ran off.
        </p>
      )}
      {others.length > 0 && (
        <p className="text-[13px] text-mute">
          Surest hands with it:{" "}
          {others
            .slice(0, 3)
            .map((o) => `${o.who}, ${o.spoilt} of ${o.cutWell + o.spoilt} ran off`)
            .join("; ")}
          .
        </p>
      )}
      <p className={spares.length === 0 ? "note-wax" : "text-[13px] text-mute"}>
        {spares.length === 0
          ? "No spare lies here: what runs off waits for new glass. Order one with it, or let the shop cut it."
          : `If one runs off, it can be cut again from ${spares.slice(0, 3).join(", ")}.`}
      </p>
    </Fold>
  );
}
