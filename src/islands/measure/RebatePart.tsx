import type { ReactNode } from "react";
import { isBeaded } from "../../core/frame/held.ts";
import { frameOf } from "../../core/frame/systems.ts";
import { BEAD, LIP, type Place, REBATE, REBATE_SIDES, TIMBER } from "../../core/measure/places.ts";
import { isConversion, unitThought } from "../../core/pane/conversion.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { readingsOf } from "../../core/pane/readings-of.ts";
import { routHere } from "../../core/pane/rout-here.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { routWords } from "../../core/words/through.ts";
import { Fold } from "../panels/Fold.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { ThroughSum } from "../panels/ThroughSum.tsx";

/** The rebate: depth and width, side by side where they differ; and whether all finds room through the thickness. */
export function RebatePart({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, say } = usePane();
  const beads = BEAD.filter((p) => isBeaded(likeOf(book)) || book.readings[p] !== undefined);
  const shown: readonly Place[] = [...REBATE, ...beads, ...LIP];
  const field = (p: Place) => <ReadingField key={p} place={p} label={say(PLACE_NAMES[p])} onFocus={ask} />;
  return (
    <Part title="The {rebate} itself" more="feeds cover, odds and the section">
      <div className="grid grid-cols-2 gap-2">{shown.map(field)}</div>
      <ReadingTrouble places={shown} />
      <Fold as="small" title="One side is deeper or shallower">
        <div className="grid grid-cols-4 gap-2 pt-1 max-sm:grid-cols-2">
          {REBATE_SIDES.map((p) => (
            <ReadingField key={p} place={p} label={p.replace("depth-", "")} onFocus={ask} />
          ))}
        </div>
        <ReadingTrouble places={REBATE_SIDES} />
      </Fold>
      <ThroughSum />
      <Rout field={field} />
    </Part>
  );
}

/** Turning a single-glazed sash into a sealed one: what to rout, and what timber that leaves. */
function Rout({ field }: { readonly field: (p: Place) => ReactNode }) {
  const { book, firm, prefs, say } = usePane();
  if (!frameOf(book.added.system).canBeEased) return null;
  const planned = isConversion(book);
  // The one chosen, or the one we would take; without a plan, as thick as somebody read.
  const unit = planned ? unitThought(book, firm.house) : undefined;
  const rout = routHere(readingsOf(book).readings, firm.house, unit);
  const says = (
    <>
      <div className="grid grid-cols-2 gap-2">{TIMBER.map(field)}</div>
      <ReadingTrouble places={TIMBER} />
      <p className={rout && !rout.holds ? "note-wax" : "note-glass"}>
        {rout
          ? say(routWords(rout, prefs.unit))
          : say(
              `Give {rebate} depth and width, ${planned ? "" : "the {unit}'s overall thickness under Thickness, "}and the timber. The edge seal needs 12 mm of cover and 3 mm of gap.`,
            )}
      </p>
    </>
  );
  const title = say("From single glass to a {unit}: routing");
  // What this pane needs is not folded away.
  return planned ? (
    <section aria-label={title} className="space-y-2">
      <h3>{title}</h3>
      {says}
    </section>
  ) : (
    <Fold as="small" title={title}>
      {says}
    </Fold>
  );
}
