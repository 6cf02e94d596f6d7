import { lazy, type ReactNode, Suspense, useEffect, useState } from "react";
import { withFirm } from "../../core/firm/firm.ts";
import { type KeptLog, kitFrom, orderPageFrom, panePageFrom, roundHeadFrom } from "../../core/page/kept.ts";
import { dayFrom } from "../../core/page/kept-day.ts";
import { ordersFrom } from "../../core/page/kept-orders.ts";
import { quoteFrom } from "../../core/page/kept-quote.ts";
import { placeLabel } from "../../core/page/pane-page.ts";
import { nextFor } from "../../core/pane/next.ts";
import { reckon } from "../../core/pane/reckoning.ts";
import { day, readDay } from "../../core/units/day.ts";
import { loadScreen } from "../pane/screens/load.ts";
import type { Screen } from "../pane/screens/screen.ts";
import { RoundHead } from "../round/RoundHead.tsx";
import { Framed } from "./Framed.tsx";
import { type Here, readHere } from "./here.ts";
import { KeptLines } from "./KeptLines.tsx";
import { KeptOrders } from "./KeptOrders.tsx";
import { type KeptPath, keptPath } from "./kept-path.ts";
import { Missing, Nothing } from "./NotKept.tsx";

const PanePage = lazy(async () => ({ default: (await import("../pane/PanePage.tsx")).PanePage }));
const KitPage = lazy(() => import("../round/KitPage.tsx"));
const NewPane = lazy(() => import("../round/NewPane.tsx"));
const NewRound = lazy(() => import("../round/NewRound.tsx"));
const OrderPage = lazy(() => import("../orders/OrderPage.tsx"));
const OrderSheet = lazy(() => import("../orders/OrderSheet.tsx"));
const QuotePage = lazy(() => import("../quote/QuotePage.tsx"));
const DayPage = lazy(() => import("../plan/DayPage.tsx"));
const HousePage = lazy(() => import("../house/HousePage.tsx"));

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
              <KeptLines key={head.round.id} here={here} round={head.round.id} />
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
