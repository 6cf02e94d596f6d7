import { frameOf } from "../../core/frame/systems.ts";
import {
  CIRCUMSTANCE_FACTS,
  CIRCUMSTANCES,
  readsWhole,
  SHAPE_NAMES,
  SHAPE_SAYS,
  WAY_FACTS,
  waysFor,
} from "../../core/measure/ways.ts";
import { stateName } from "../../core/pane/read-from.ts";
import { sureOf } from "../../core/pane/readings-sure.ts";
import { archProof } from "../../core/words/arch.ts";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { picksOf } from "../ui/picks.ts";
import { GlassIsOut } from "./GlassIsOut.tsx";

/** By which way it is measured, in what state the frame is, and which way round it is by eye. */
export function MeasureHow() {
  const { book, reckoning: r, prefs, say, write } = usePane();
  const shapeSays = book.shape === null || readsWhole(book.way) ? undefined : SHAPE_SAYS[book.shape];
  return (
    <div className="space-y-1">
      <div className="grid grid-cols-2 gap-2 max-sm:grid-cols-1">
        <PickOne
          name="Measured"
          of={waysFor(frameOf(book.added.system), book.way).map((way) => [way, say(WAY_FACTS[way].name)] as const)}
          value={book.way}
          change={(way) => write("measure.way", { way })}
          className="sm:col-span-2"
        />
        <PickOne
          name="Read from"
          of={CIRCUMSTANCES.map((state) => [state, say(stateName(book, state))] as const)}
          value={book.circumstance}
          unsaid={sureOf(book) === "guess" ? "a guess: copied" : "not said"}
          change={(state) => write("measure.circumstance", { state })}
        />
        {!readsWhole(book.way) && (
          <PickOne
            name="By eye it is"
            of={picksOf(SHAPE_NAMES)}
            value={book.shape}
            unsaid="not said"
            change={(shape) => write("measure.shape", { shape })}
          />
        )}
      </div>
      <div className="max-desk:hidden">
        <GlassIsOut />
      </div>
      {shapeSays && <p className={book.shape === "odd" ? "note-wax" : "note-glass"}>{say(shapeSays)}</p>}
      {r.arch?.ok && <p className="note-glass">{say(archProof(r.arch.value, prefs.unit))}</p>}
      <p className="text-[13px] text-mute">
        {book.way !== "rebate" && say(WAY_FACTS[book.way].says)}{" "}
        {book.circumstance &&
          book.circumstance !== "cleared" &&
          !r.opening.copied &&
          say(CIRCUMSTANCE_FACTS[book.circumstance].says)}
      </p>
    </div>
  );
}
