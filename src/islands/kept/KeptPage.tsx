import { lazy, type ReactNode, Suspense, useEffect, useState } from "react";
import { withFirm } from "../../core/firm/firm.ts";
import {
  type KeptLog,
  kitFrom,
  type LinesBefore,
  orderPageFrom,
  panePageFrom,
  readKept,
  roundHeadFrom,
  roundLinesFrom,
} from "../../core/page/kept.ts";
import { dayFrom } from "../../core/page/kept-day.ts";
import { ordersFrom } from "../../core/page/kept-orders.ts";
import { quoteFrom } from "../../core/page/kept-quote.ts";
import { placeLabel } from "../../core/page/pane-page.ts";
import type { RoundLinesData } from "../../core/page/round-page.ts";
import { nextFor } from "../../core/pane/next.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { day, readDay } from "../../core/units/day.ts";
import { firmReads, type Prefs, prefsFrom } from "../../core/words/prefs.ts";
import { keepLine, keptLine, readAllKept } from "../device/kept-store.ts";
import { theCourier } from "../log/courier.ts";
import Switches from "../log/Switches.tsx";
import { loadScreen } from "../pane/screens/load.ts";
import type { Screen } from "../pane/screens/screen.ts";
import { RoundHead } from "../round/RoundHead.tsx";
import { KeptOrders } from "./KeptOrders.tsx";
import { type KeptPath, keptPath } from "./kept-path.ts";

const PanePage = lazy(async () => ({ default: (await import("../pane/PanePage.tsx")).PanePage }));
const RoundPage = lazy(() => import("../round/RoundPage.tsx"));
const KitPage = lazy(() => import("../round/KitPage.tsx"));
const NewPane = lazy(() => import("../round/NewPane.tsx"));
const NewRound = lazy(() => import("../round/NewRound.tsx"));
const OrderPage = lazy(() => import("../orders/OrderPage.tsx"));
const OrderSheet = lazy(() => import("../orders/OrderSheet.tsx"));
const QuotePage = lazy(() => import("../quote/QuotePage.tsx"));
const DayPage = lazy(() => import("../plan/DayPage.tsx"));
const HousePage = lazy(() => import("../house/HousePage.tsx"));

type Here = {
  readonly log: KeptLog;
  readonly people: readonly string[];
  readonly prefs: Prefs;
  readonly agreedAt: number;
};

/** What stands in for a page that cannot be fetched: made on this device, of what it keeps. */
export default function KeptPage() {
  const [here, setHere] = useState<Here | null | "reading">("reading");
  useEffect(() => {
    void readHere().then(setHere, () => setHere(null));
  }, []);
  if (here === "reading") return <main id="main" className="p-8" aria-busy="true" />;
  if (here === null)
    return <Nothing says="Nothing is kept on this device yet: open a round while there is a signal." />;
  return <Suspense fallback={<main id="main" className="p-8" aria-busy="true" />}>{pageOf(here)}</Suspense>;
}

async function readHere(): Promise<Here | null> {
  const kept = await readAllKept(await theCourier().waiting(), Date.now());
  if (!kept) return null;
  const log = readKept(kept);
  return {
    log,
    people: kept.people,
    prefs: prefsFrom(cookie, kept.people[0], firmReads(log.firm.house)),
    agreedAt: kept.agreedAt,
  };
}

const cookie = (name: string): string | undefined => {
  const found = document.cookie.split("; ").find((c) => c.startsWith(`${name}=`));
  return found && decodeURIComponent(found.slice(name.length + 1));
};

function pageOf(here: Here): ReactNode {
  const path = keptPath(new URL(location.href));
  const { log, prefs, people } = here;
  switch (path.page) {
    case "pane":
      return <Pane {...here} path={path} />;
    case "round": {
      const head = roundHeadFrom(log, path.round);
      return (
        <Framed {...here} fill>
          {head ? (
            <>
              <RoundHead {...head} dialect={prefs.dialect} />
              <Lines key={head.round.id} here={here} round={head.round.id} />
            </>
          ) : (
            <Missing log={log} />
          )}
        </Framed>
      );
    }
    case "kit": {
      const on = readDay(path.day ?? "");
      const kit = kitFrom(log, path.round, {
        on: on.ok ? on.value : undefined,
        panes: path.panes ?? undefined,
      });
      return <Framed {...here}>{kit ? <KitPage prefs={prefs} {...kit} /> : <Missing log={log} />}</Framed>;
    }
    case "quote": {
      const found = quoteFrom(log, path.round, prefs);
      if (!found) return <Framed {...here}>{<Missing log={log} />}</Framed>;
      const { quote: _, ...data } = found;
      return (
        <Framed {...here}>
          <QuotePage prefs={prefs} {...data} />
        </Framed>
      );
    }
    case "day":
      return (
        <Framed {...here}>
          <p className="no-print bg-tint px-4 py-1 text-[14px]">Of the rounds that this device keeps, and no others.</p>
          <DayPage prefs={prefs} data={dayFrom(log, people, path.who ?? prefs.who, path.on)} />
        </Framed>
      );
    case "orders":
      return (
        <Framed {...here}>
          <KeptOrders orders={ordersFrom(log)} dialect={prefs.dialect} />
        </Framed>
      );
    case "order": {
      const order = orderPageFrom(log, path.order);
      return <Framed {...here}>{order ? <OrderPage prefs={prefs} {...order} /> : <Missing log={log} />}</Framed>;
    }
    case "order-sheet": {
      const order = log.orders.find((o) => o.id === path.order);
      return (
        <Framed {...here}>
          {order ? <OrderSheet prefs={prefs} order={order} firm={log.firm.details} /> : <Missing log={log} />}
        </Framed>
      );
    }
    case "house":
      return (
        <Framed {...here}>
          <HousePage prefs={prefs} entries={log.firmEntries} through={log.kept.through} records={log.kept.records} />
        </Framed>
      );
    case "new-round":
      return (
        <Framed {...here}>
          <div className="mx-auto max-w-lg space-y-5 px-4 py-8">
            <h1>New round</h1>
            <NewRound prefs={prefs} />
          </div>
        </Framed>
      );
    case "new-pane": {
      const head = roundHeadFrom(log, path.round);
      if (!head) return <Framed {...here}>{<Missing log={log} />}</Framed>;
      const panes = log.panes.filter((p) => p.round === head.round.id);
      const addresses = [...new Set(panes.map((p) => p.address))];
      const there = panes.filter((p) => !p.book.signed).map((p) => ({ id: p.id, label: placeLabel(p) }));
      return (
        <Framed {...here}>
          <div className="mx-auto max-w-lg space-y-5 px-4 py-8">
            <NewPane
              prefs={prefs}
              round={head.round.id}
              roundName={head.round.name}
              addresses={addresses}
              there={there}
            />
          </div>
        </Framed>
      );
    }
    case "other":
      return (
        <Framed {...here} people={people}>
          <Missing log={log} />
        </Framed>
      );
  }
}

function Pane({ log, prefs, people, path, ...here }: Here & { readonly path: KeptPath & { readonly page: "pane" } }) {
  const [kept] = useState(() => {
    const view = path.view ?? nextView(log, path.pane);
    const page = view && panePageFrom(log, path.pane, view);
    if (page && path.view === null) history.replaceState(null, "", `/panes/${path.pane}/${view}`);
    return page ? { view, data: JSON.stringify(page) } : null;
  });
  const [screen, setScreen] = useState<Screen | null>(null);
  const view = kept?.view;
  useEffect(() => {
    if (view) void loadScreen(view).then(setScreen);
  }, [view]);
  if (kept === null)
    return (
      <Framed {...{ log, prefs, people, ...here }}>
        <Missing log={log} />
      </Framed>
    );
  if (screen === null) return <main id="main" className="p-8" aria-busy="true" />;
  return <PanePage prefs={prefs} people={people} data={kept.data} first={{ view: kept.view, screen }} />;
}

/** Where a pane stands; null where it is not kept. */
function nextView(log: KeptLog, id: string) {
  const book = log.panes.find((p) => p.id === id)?.book;
  return book ? nextFor(book, reckon(book, withFirm(log.firm)), day(log.kept.today)).station : null;
}

const LINES_BEFORE: LinesBefore = {
  read: async (pane, of) => {
    const there = await keptLine(pane).catch(() => undefined);
    return there?.of === of ? there.row : undefined;
  },
  keep: (pane, of, row) => keepLine(pane, { of, row }).catch(() => undefined),
};

/** A round's lines are worked out a pane at a time, with breath between: a phone stays awake meanwhile. */
function Lines({ here, round }: { readonly here: Here; readonly round: string }) {
  const [lines, setLines] = useState<RoundLinesData | null>(null);
  const [made, setMade] = useState({ count: 0, of: 0 });
  useEffect(() => {
    let gone = false;
    void roundLinesFrom(
      here.log,
      round,
      async (count, of) => {
        setMade({ count, of });
        await new Promise((on) => setTimeout(on));
        if (gone) throw new Error("the page was left");
      },
      LINES_BEFORE,
    ).then(setLines, () => undefined);
    return () => {
      gone = true;
    };
  }, [here, round]);
  const soFar = <PlacesOf here={here} round={round} made={made} />;
  // The board's own script comes when its lines are there: until it has, what is shown stays.
  return lines ? (
    <Suspense fallback={soFar}>
      <RoundPage prefs={here.prefs} round={round} {...lines} />
    </Suspense>
  ) : (
    soFar
  );
}

type PlacesProps = {
  readonly here: Here;
  readonly round: string;
  readonly made: { readonly count: number; readonly of: number };
};

/** Until the lines are there each pane is one tap away, by where it is. */
const PlacesOf = ({ here, round, made }: PlacesProps) => (
  <div className="min-h-0 flex-1 overflow-auto bg-sheet px-4 desk:px-6">
    <p className="py-2 text-[13px] text-mute" role="status">
      {`Working out ${made.count} of ${made.of} lines on this device.`}
    </p>
    <ul className="rows">
      {here.log.panes
        .filter((p) => p.round === round)
        .map((p) => (
          <li key={p.id}>
            <a className="flex min-h-11 items-center py-1.5 no-underline" href={`/panes/${p.id}`}>
              {placeLabel(p)}
            </a>
          </li>
        ))}
    </ul>
  </div>
);

const PLACES = [
  ["/", "Round"],
  ["/plan/day", "Today"],
  ["/orders", "Orders"],
  ["/house", "House rules"],
] as const;

/** The frame of a page as the server sends it, and that this one was made here. */
function Framed({
  prefs,
  people,
  agreedAt,
  fill = false,
  children,
}: Here & { readonly fill?: boolean; readonly children: ReactNode }) {
  return (
    <>
      <header className="no-print flex min-h-11 shrink-0 items-center justify-between gap-3 bg-bar px-4 text-on-bar desk:px-5">
        <nav className="flex gap-1" aria-label="Main">
          {PLACES.map(([href, name]) => (
            <a
              key={href}
              className={`flex min-h-11 items-center px-2 no-underline ${href === "/house" ? "max-sm:hidden" : ""}`}
              href={href}
            >
              {name}
            </a>
          ))}
        </nav>
        <Switches prefs={prefs} people={people} />
      </header>
      <p
        className="no-print shrink-0 border-b border-line bg-tape px-4 py-1 text-[#22200f] text-[13px] desk:px-5"
        role="status"
      >
        {`No signal: this page was made here, as of ${time(agreedAt)}. What you write is kept and goes out by itself.`}
      </p>
      <main id="main" className={fill ? "flex min-h-0 flex-1 flex-col" : "min-h-0 flex-1 overflow-auto"}>
        {children}
      </main>
    </>
  );
}

const time = (at: number): string => {
  const d = new Date(at);
  const clock = `${String(d.getHours()).padStart(2, "0")}:${String(d.getMinutes()).padStart(2, "0")}`;
  return d.toDateString() === new Date().toDateString() ? clock : `${d.getDate()}/${d.getMonth() + 1}, ${clock}`;
};

/** What this device does not keep, and what it does. */
function Missing({ log }: { readonly log: KeptLog }) {
  const kept = log.rounds.filter((r) => log.panes.some((p) => p.round === r.id));
  return (
    <div className="mx-auto max-w-xl space-y-3 p-8">
      <h1>This page needs a signal</h1>
      <p>It is not kept on this device. These rounds are:</p>
      <ul className="rows">
        {kept.map((r) => (
          <li key={r.id} className="py-2">
            <a className="font-semibold" href={`/?round=${r.id}`}>
              {r.name}
            </a>
          </li>
        ))}
      </ul>
      <button type="button" className="btn" onClick={() => location.reload()}>
        Try again
      </button>
    </div>
  );
}

function Nothing({ says }: { readonly says: string }) {
  return (
    <main id="main" className="mx-auto max-w-xl space-y-3 p-8">
      <h1>No signal</h1>
      <p>{says}</p>
      <button type="button" className="btn btn-main" onClick={() => location.reload()}>
        Try again
      </button>
    </main>
  );
}
