import { useStore } from "@nanostores/react";
import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from "react";
import type { Entry } from "../../core/log/kinds.ts";
import type { Place } from "../../core/measure/places.ts";
import { foldPane } from "../../core/pane/book.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { STATIONS } from "../../core/plan/stations.ts";
import { foldFirm } from "../../core/round/book.ts";
import { day } from "../../core/units/day.ts";
import { say } from "../../core/words/dialect.ts";
import { entryWords } from "../../core/words/entry.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { ticketOf } from "../../core/words/ticket.ts";
import { TapeLineSheet } from "../measure/TapeLineSheet.tsx";
import { KeepingLine } from "../shared/KeepingLine.tsx";
import { KeyMap } from "../shared/KeyMap.tsx";
import { isTyping } from "../shared/keys.ts";
import { createLogStore } from "../shared/log-store.ts";
import { PaneContext, type PaneScreen } from "../shared/pane-context.ts";
import { usePrefs } from "../shared/prefs.ts";
import { Elevation } from "./Elevation.tsx";
import { Figures } from "./Figures.tsx";
import { nextScreen, screenAt, type View, withTyping } from "./model.ts";
import { PANE_KEYS } from "./pane-keys.ts";
import { Section } from "./Section.tsx";
import { StationTape } from "./StationTape.tsx";
import { type OpenOrder, StationView } from "./StationView.tsx";
import { TicketFoot } from "./TicketFoot.tsx";
import { Trail } from "./Trail.tsx";

export type PanePageProps = {
  readonly prefs: Prefs;
  readonly pane: string;
  readonly view: View;
  readonly entries: readonly Entry[];
  readonly firmEntries: readonly Entry[];
  readonly through: number;
  readonly today: number;
  readonly before: string | null;
  readonly after: string | null;
  readonly openOrders: readonly OpenOrder[];
};

const isAboutFirm = (e: Entry): boolean => e.about.pane === undefined && e.about.order === undefined;

/** One pane's page: its log, what follows from it, and the station that is open. */
export default function PanePage(props: PanePageProps) {
  const prefs = usePrefs(props.prefs);
  const who = useRef(prefs.who);
  who.current = prefs.who;
  const [store] = useState(() =>
    createLogStore({
      initial: props.entries,
      through: props.through,
      about: { pane: props.pane },
      who: () => who.current,
    }),
  );
  useEffect(() => store.start(), [store]);
  const entries = useStore(store.entries, { ssr: "initial" });
  const [screen, send] = useReducer(nextScreen, props.view, screenAt);
  const [asked, ask] = useState<Place | null>(null);

  const kept = useMemo(() => foldPane(props.pane, entries), [props.pane, entries]);
  const firm = useMemo(() => {
    const own = entries.filter(isAboutFirm);
    const struck = entries.filter((e) => e.kind === "struck");
    return foldFirm([...props.firmEntries, ...own, ...struck]);
  }, [props.firmEntries, entries]);
  const book = kept && withTyping(kept, screen.typing, prefs.unit);
  const reckoning = book && reckon(book, { house: firm.house, calendar: firm.calendar });

  const keep = useCallback(
    (place: Place, text?: string) => {
      const now = text ?? screen.typing[place];
      if (now === undefined) return;
      if (now !== (kept?.readings[place]?.text ?? ""))
        store.write("measure.reading", { pane: props.pane }, { place, text: now, unit: prefs.unit });
      send({ kind: "kept", place });
    },
    [screen.typing, kept, store, props.pane, prefs.unit],
  );
  const keepAll = useRef(() => {});
  keepAll.current = () => {
    for (const place of Object.keys(screen.typing) as Place[]) keep(place);
  };
  useEffect(() => {
    const onHide = () => keepAll.current();
    window.addEventListener("pagehide", onHide);
    return () => window.removeEventListener("pagehide", onHide);
  }, []);

  const open = useCallback(
    (view: View) => {
      keepAll.current();
      send({ kind: "open", view });
      if (!location.pathname.endsWith(`/${view}`)) history.pushState(null, "", `/panes/${props.pane}/${view}`);
    },
    [props.pane],
  );
  useEffect(() => {
    const onPop = () => {
      const view = location.pathname.split("/").at(-1) as View;
      if (view === "logbook" || STATIONS.includes(view as never)) send({ kind: "open", view });
    };
    window.addEventListener("popstate", onPop);
    return () => window.removeEventListener("popstate", onPop);
  }, []);

  const tell = useCallback((text: string) => send({ kind: "say", text }), []);
  useEffect(() => {
    if (!screen.said) return;
    const off = setTimeout(() => tell(""), 4000);
    return () => clearTimeout(off);
  }, [screen.said, tell]);

  const undo = () => {
    const e = store.undo();
    tell(e ? `Taken back: ${entryWords(e, prefs)}` : "Nothing of yours to take back");
  };
  const redo = () => {
    const e = store.redo();
    tell(e ? "Brought back" : "Nothing to bring back");
  };
  const copy = () => {
    if (!book || !reckoning) return;
    navigator.clipboard.writeText(ticketOf(book, reckoning, prefs).spoken).then(
      () => tell("Ticket copied"),
      () => tell("The browser would not copy: select the ticket and copy it by hand"),
    );
  };

  const press = useRef((_: KeyboardEvent) => {});
  press.current = (e) => {
    if (isTyping(e)) return;
    const station = STATIONS[Number(e.key) - 1];
    const acts: Readonly<Record<string, () => void>> = {
      "/": () => send({ kind: "sheet", sheet: "tape-line" }),
      "?": () => send({ kind: "sheet", sheet: "keys" }),
      c: copy,
      z: undo,
      y: redo,
      l: () => open("logbook"),
      j: () => props.after && location.assign(`/panes/${props.after}/${screen.view}`),
      k: () => props.before && location.assign(`/panes/${props.before}/${screen.view}`),
      r: () => location.assign("/"),
    };
    const act = station ? () => open(station) : acts[e.key];
    if (!act) return;
    e.preventDefault();
    act();
  };
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => press.current(e);
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);

  if (!book || !reckoning)
    return (
      <main id="main" className="p-6">
        This pane was struck out of the log. Its entries are still in the file.
      </main>
    );

  const context: PaneScreen = {
    book,
    reckoning,
    firm,
    prefs,
    today: day(props.today),
    say: (sentence) => say(sentence, prefs.dialect),
    write: (kind, payload) => store.write(kind, { pane: props.pane }, payload),
    writeFirm: (kind, payload) => void store.write(kind, {}, payload),
    writeOrder: (order, kind, payload, pane = false) =>
      void store.write(kind, pane ? { order, pane: props.pane } : { order }, payload),
    typing: screen.typing,
    type: (place, text) => send({ kind: "type", place, text }),
    keep,
  };
  const goTo = (place: Place) => {
    open(screen.view === "measure" ? "measure" : "measure");
    ask(place);
    requestAnimationFrame(() => document.getElementById(`r-${place}`)?.focus());
  };
  const measuring = screen.view === "measure";
  return (
    <PaneContext value={context}>
      <Trail before={props.before} after={props.after} view={screen.view} open={open} undo={undo}>
        <KeepingLine store={store} prefs={prefs} />
      </Trail>
      <StationTape view={screen.view} open={open} />
      <main
        id="main"
        className="min-h-0 flex-1 overflow-y-auto desk:grid desk:grid-cols-[minmax(0,1fr)_31rem] desk:overflow-hidden"
      >
        <section
          aria-label="Drawings"
          className="hidden min-h-0 grid-cols-[minmax(0,11fr)_minmax(0,9fr)] gap-4 overflow-hidden bg-sheet px-4 py-3 desk:grid"
        >
          <Elevation asked={measuring ? asked : null} onPlace={goTo} />
          <div className="flex min-h-0 flex-col gap-3 overflow-y-auto">
            <Section />
            <Figures />
          </div>
        </section>
        <section
          aria-label="Station"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so the keyboard must reach it
          tabIndex={0}
          className="min-h-full desk:min-h-0 desk:overflow-y-auto desk:border-l desk:border-line"
        >
          <StationView
            view={screen.view}
            asked={asked}
            ask={ask}
            openOrders={props.openOrders}
            strike={store.strike}
            openTapeLine={() => send({ kind: "sheet", sheet: "tape-line" })}
          />
        </section>
      </main>
      <TicketFoot copy={copy} view={screen.view} open={open} said={screen.said} />
      {screen.sheet === "keys" && <KeyMap keys={PANE_KEYS} close={() => send({ kind: "sheet", sheet: null })} />}
      {screen.sheet === "tape-line" && (
        <TapeLineSheet close={() => send({ kind: "sheet", sheet: null })} taken={() => open("measure")} />
      )}
    </PaneContext>
  );
}
