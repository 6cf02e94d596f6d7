import type { Place } from "../../core/measure/places.ts";
import type { UnknownId } from "../../core/pane/unknowns.ts";
import type { Station } from "../../core/plan/stations.ts";
import { usePane } from "../panels/pane-context.ts";
import { useQuickAnswers } from "../panels/quick-answers.ts";
import { useStage } from "../stage/stage-context.ts";
import type { View } from "./model.ts";

type SaidUnder = { readonly tab: string; readonly name: string } | { readonly field: string };

/** Under which tab of its station each is said, and what that tab is called, or in which field; null where a reading or a tap says it. */
const SAID_UNDER: Readonly<Record<UnknownId, SaidUnder | null>> = {
  held: { tab: "frame", name: "The frame" },
  special: { tab: "building", name: "The building" },
  whole: { tab: "options", name: "What can be done" },
  closed: { tab: "options", name: "What can be done" },
  hangs: null,
  size: null,
  "read-what": null,
  template: null,
  rout: null,
  glass: null,
  makeup: { tab: "units", name: "What could stand here" },
  sash: null,
  thickness: null,
  spacer: null,
  coating: { tab: "found", name: "Bars, coating, marks, hinges" },
  safety: null,
  unsafe: null,
  bars: { tab: "found", name: "Bars, coating, marks, hinges" },
  pattern: { field: "pattern" },
  "pattern-on": { tab: "looks", name: "Looks and parts" },
  "pattern-runs": { tab: "looks", name: "Looks and parts" },
};

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
