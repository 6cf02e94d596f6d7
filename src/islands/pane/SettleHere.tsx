import type { Place } from "../../core/measure/places.ts";
import type { UnknownId } from "../../core/pane/unknowns.ts";
import type { Station } from "../../core/plan/stations.ts";
import { usePane } from "../panels/pane-context.ts";
import { useQuickAnswers } from "../panels/quick-answers.ts";
import { SAID_UNDER } from "../stage/said-under.ts";
import { useStage } from "../stage/stage-context.ts";
import type { View } from "./model.ts";

/** Where it may be let stand as it is instead, with a word why. */
const OR_ELSE: Readonly<Partial<Record<UnknownId, { readonly says: string; readonly at: Station }>>> = {
  rout: { says: "Order by the plan", at: "order" },
};

type Props = { readonly view: View; readonly goTo: (place: Place) => void };

/**
 * What is next, where it is one thing to be said at this station: at its head, with the answers that are one tap, or the way
 * to where it is said.
 */
export function SettleHere({ view, goTo }: Props) {
  const { book, next, say } = usePane();
  const { tab, openTab } = useStage();
  const quick = useQuickAnswers();
  if (next.kind !== "settle" || next.station !== view || next.ask === undefined) return null;
  const under = SAID_UNDER[next.ask];
  const answers = quick[next.ask] ?? [];
  const orElse = book.line ? undefined : OR_ELSE[next.ask];
  const { place } = next;
  const away = under !== null && "tab" in under && tab !== under.tab ? under : null;
  const field = under !== null && "field" in under ? under.field : place === undefined ? null : `r-${place}`;
  // Where it stands is the first thing that Specify asks anyway.
  if (next.ask === "safety" || (answers.length === 0 && !away && field === null)) return null;
  return (
    <section className="note-wax mb-4" aria-label="To settle">
      <p className="font-medium">{say(`First settle ${next.what}.`)}</p>
      <p className="flex flex-wrap gap-2 pt-1" data-answers="">
        {answers.map((a) => (
          <button key={a.says} type="button" className="btn answer" onClick={a.tell}>
            {say(a.says)}
          </button>
        ))}
        {away && (
          <button type="button" className="btn" onClick={() => openTab(away.tab)}>
            {answers.length > 0 ? `More under “${say(away.name)}”` : `Say it under “${say(away.name)}”`}
          </button>
        )}
        {field !== null && (
          <button
            type="button"
            className="btn"
            onClick={() =>
              view === "measure" && place !== undefined ? goTo(place) : document.getElementById(field)?.focus()
            }
          >
            {place === undefined ? "Say it" : "Read it"}
          </button>
        )}
        {orElse && (
          <a className="btn" href={`/panes/${book.id}/${orElse.at}`}>
            {orElse.says}
          </a>
        )}
      </p>
    </section>
  );
}
