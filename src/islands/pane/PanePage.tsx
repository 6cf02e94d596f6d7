import { memo, useCallback, useEffect, useMemo, useReducer, useRef, useState } from "react";
import { cutFor } from "../../core/firm/cut-for.ts";
import { withFirm } from "../../core/firm/firm.ts";
import { foldFirm } from "../../core/firm/fold-firm.ts";
import type { Entry } from "../../core/log/kinds.ts";
import type { Place } from "../../core/measure/places.ts";
import type { OpenOrder, PanePageData } from "../../core/page/pane-page.ts";
import { foldPane } from "../../core/pane/book.ts";
import { nextFor } from "../../core/pane/next.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { sharedFindBest } from "../../core/size/shared-best.ts";
import { day } from "../../core/units/day.ts";
import { say } from "../../core/words/dialect.ts";
import { entryWords } from "../../core/words/entry.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { ticketOf } from "../../core/words/ticket.ts";
import { useKeepsRound } from "../device/use-keeps-round.ts";
import { createTyping, TypingContext } from "../log/typing.ts";
import { useDrafts } from "../log/use-drafts.ts";
import { useLog } from "../log/use-log.ts";
import { TapeLineSheet } from "../measure/TapeLineSheet.tsx";
import { PaneContext, type PaneScreen } from "../panels/pane-context.ts";
import { Boundary } from "../ui/Guarded.tsx";
import { KeyMap } from "../ui/KeyMap.tsx";
import { useAfterPaint } from "../ui/use-after-paint.ts";
import BrokenPane from "./BrokenPane.tsx";
import { nextScreen, screenAt, type View, withTyping } from "./model.ts";
import { PANE_KEYS } from "./pane-keys.ts";
import { StationTape } from "./StationTape.tsx";
import { StationView } from "./StationView.tsx";
import type { Shown } from "./screens/load.ts";
import { TakenTwice } from "./TakenTwice.tsx";
import { TicketFoot } from "./TicketFoot.tsx";
import { Trail } from "./Trail.tsx";
import { usePaneKeys } from "./use-pane-keys.ts";
import { useViewInAddress } from "./use-view-in-address.ts";
import { WroteApart } from "./WroteApart.tsx";

type PanePageProps = PanePageData & {
  readonly prefs: Prefs;
  readonly people: readonly string[];
  /** The station that came with the page. */
  readonly first: Shown;
};

const isAboutFirm = (e: Entry): boolean => e.about.pane === undefined && e.about.order === undefined;
const SAID_MS = 4000;

/* A key must redraw its field at once: these follow a moment later, with the book that the key made. */
const [Tape, Foot, Way] = [memo(StationTape), memo(TicketFoot), memo(Trail)];

export type PageProps = Pick<PanePageProps, "prefs" | "people"> & { readonly data: string };

/** One pane's page, opened at a station whose script came with it. */
export const openedAt = (first: Shown) => (props: PageProps) => <PanePage {...props} first={first} />;

/** One pane's page. Where something of it cannot be drawn, its logbook stands in its place. */
export function PanePage({ prefs, people, data, first }: PageProps & { readonly first: Shown }) {
  // One text goes over at once: a page's hundreds of entries take ten times as long piece by piece.
  const [props] = useState<PanePageProps>(() => ({
    prefs,
    people,
    first,
    ...(JSON.parse(data) as Omit<PanePageProps, "prefs" | "people" | "first">),
  }));
  return (
    <Boundary instead={(error) => <BrokenPane {...props} error={error.message} />}>
      <WholePane {...props} />
    </Boundary>
  );
}

/** What opened the orders that this pane was put on from here: it was written before this pane had to do with them. */
const openedFor = (orders: readonly OpenOrder[], entries: readonly Entry[]): readonly Entry[] =>
  orders.flatMap(({ id, opened }) => {
    const own = entries.filter((e) => e.about.order === id);
    return opened && own.length > 0 && !own.some((e) => e.kind === "order.opened") ? [opened] : [];
  });

/** Its log, what follows from it, and the station that is open. */
function WholePane(props: PanePageProps) {
  const { store, entries, prefs } = useLog({ ...props, about: { pane: props.pane } });
  useKeepsRound(props.round.id);
  const [screen, send] = useReducer(nextScreen, props.view, screenAt);
  const [asked, ask] = useState<Place | null>(null);

  const { openOrders } = props;
  const kept = useMemo(
    () => foldPane(props.pane, [...openedFor(openOrders, entries), ...entries]),
    [props.pane, openOrders, entries],
  );
  const firm = useMemo(() => {
    const strikes = entries.filter((e) => e.kind === "struck");
    return foldFirm([...props.firmEntries, ...entries.filter(isAboutFirm), ...strikes]);
  }, [props.firmEntries, entries]);
  const [typing] = useState(createTyping);
  const typed = useAfterPaint(typing);
  useDrafts(typing, `pane ${props.pane} `);
  const book = useMemo(() => kept && withTyping(kept, typed, prefs.unit), [kept, typed, prefs.unit]);
  // Most entries leave the opening as it is: its best is not looked for again.
  const reckoning = useMemo(
    () => book && reckon(book, { ...withFirm(firm, sharedFindBest), reader: prefs.who }),
    [book, firm, prefs.who],
  );

  // What the stable callbacks below read when they are called.
  const { firmEntries } = props;
  const now = useRef({ kept, prefs, book, reckoning, entries });
  now.current = { kept, prefs, book, reckoning, entries };

  const keep = useCallback(
    (place: Place, text?: string) => {
      const said = text ?? typing.get()[place];
      if (said === undefined) return;
      const before = now.current.kept?.readings[place];
      // The same figure read again, in another state of the frame, counts as read again.
      if (
        said !== (before?.text ?? "") ||
        (before && (before.copied || before.sure !== now.current.kept?.circumstance))
      )
        store.write(
          "measure.reading",
          { pane: props.pane },
          {
            place,
            text: said,
            unit: now.current.prefs.unit,
            ...(now.current.kept?.circumstance ? { sure: now.current.kept.circumstance } : {}),
          },
        );
      typing.setKey(place, undefined);
    },
    [store, typing, props.pane],
  );
  const keepAll = useCallback(() => {
    for (const place of Object.keys(typing.get()) as Place[]) keep(place);
  }, [keep, typing]);
  useEffect(() => {
    window.addEventListener("pagehide", keepAll);
    return () => window.removeEventListener("pagehide", keepAll);
  }, [keepAll]);

  const show = useCallback((view: View) => send({ kind: "open", view }), []);
  const open = useViewInAddress(props.pane, show, keepAll);
  const tell = useCallback((text: string) => send({ kind: "say", text }), []);
  useEffect(() => {
    if (!screen.said) return;
    const off = setTimeout(() => tell(""), SAID_MS);
    return () => clearTimeout(off);
  }, [screen.said, tell]);

  const undo = useCallback(() => {
    const e = store.undo();
    tell(e ? `Taken back: ${entryWords(e, now.current.prefs)}` : "Nothing of yours to take back");
  }, [store, tell]);
  const redo = useCallback(() => tell(store.redo() ? "Brought back" : "Nothing to bring back"), [store, tell]);
  const copy = useCallback(() => {
    const { book, reckoning, prefs } = now.current;
    if (!book || !reckoning) return;
    navigator.clipboard.writeText(ticketOf(book, reckoning, prefs).spoken).then(
      () => tell("Ticket copied"),
      () => tell("The browser would not copy: select the ticket and copy it by hand"),
    );
  }, [tell]);
  const settle = useCallback(
    (as: Entry, payload: Entry["payload"]) => {
      store.write(as.kind, as.about, payload);
      tell(`Settled: ${entryWords(as, now.current.prefs)}`);
    },
    [store, tell],
  );
  const openTapeLine = useCallback(() => send({ kind: "sheet", sheet: "tape-line" }), []);
  const closeSheet = useCallback(() => send({ kind: "sheet", sheet: null }), []);
  usePaneKeys({
    view: screen.view,
    before: props.before,
    after: props.after,
    open,
    copy,
    undo,
    redo,
    openTapeLine,
    openKeys: () => send({ kind: "sheet", sheet: "keys" }),
  });
  const goTo = useCallback(
    (place: Place) => {
      open("measure");
      ask(place);
      requestAnimationFrame(() => document.getElementById(`r-${place}`)?.focus());
    },
    [open],
  );

  const context = useMemo<PaneScreen | null>(
    () =>
      book && reckoning
        ? {
            book,
            reckoning,
            firm,
            prefs,
            next: nextFor(book, reckoning, day(props.today)),
            today: day(props.today),
            say: (sentence) => inUnit(say(sentence, prefs.dialect), prefs.unit),
            write: (kind, payload) => store.write(kind, { pane: props.pane }, payload),
            writeFirm: (kind, payload) => void store.write(kind, {}, payload),
            backOnRack: () => {
              const cut = cutFor([...firmEntries, ...now.current.entries], props.pane);
              if (cut) store.strike(cut, "not this glass after all");
            },
            writeOrder: (order, kind, payload, pane = false) =>
              void store.write(kind, pane ? { order, pane: props.pane } : { order }, payload),
            keep,
            alike: props.alike,
            causesHere: props.causesHere,
            makeupsHere: props.makeupsHere,
            doneBefore: props.doneBefore,
            othersHere: props.othersHere,
            weather: props.weather,
            tagsHere: props.tagsHere,
            records: props.records,
            metHere: props.metHere,
            writePane: (pane, kind, payload) => void store.write(kind, { pane }, payload),
          }
        : null,
    [
      book,
      reckoning,
      firm,
      prefs,
      props.today,
      props.pane,
      props.alike,
      props.causesHere,
      props.makeupsHere,
      props.doneBefore,
      props.othersHere,
      props.weather,
      props.tagsHere,
      props.records,
      props.metHere,
      firmEntries,
      store,
      keep,
    ],
  );
  if (!context)
    return (
      <main id="main" className="p-6">
        This pane was struck out of the log. Its entries are still in the file.
      </main>
    );
  return (
    <PaneContext value={context}>
      <TypingContext value={typing}>
        <Way
          before={props.before}
          after={props.after}
          view={screen.view}
          open={open}
          undo={undo}
          people={props.people}
        />
        <Tape view={screen.view} open={open} />
        <WroteApart settle={settle} />
        <TakenTwice />
        <StationView
          first={props.first}
          view={screen.view}
          open={open}
          undo={undo}
          before={props.before}
          after={props.after}
          asked={screen.view === "measure" ? asked : null}
          ask={ask}
          goTo={goTo}
          openOrders={props.openOrders}
          strike={store.strike}
          openTapeLine={openTapeLine}
        />
        <Foot copy={copy} view={screen.view} open={open} said={screen.said} />
        {screen.sheet === "keys" && <KeyMap keys={PANE_KEYS} close={closeSheet} />}
        {screen.sheet === "tape-line" && <TapeLineSheet close={closeSheet} taken={() => open("measure")} />}
      </TypingContext>
    </PaneContext>
  );
}
