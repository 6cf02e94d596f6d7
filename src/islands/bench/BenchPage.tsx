import { useEffect, useRef, useState } from "react";
import { isKept } from "../../core/cut/cutting.ts";
import { OFFCUT_KEPT } from "../../core/cut/offcut-kept.ts";
import { looseAfter } from "../../core/cut/on-the-bench.ts";
import { type BenchGroup, type BenchPageData, scrapMm } from "../../core/page/bench-page.ts";
import { writtenExactly } from "../../core/tape/written-exactly.ts";
import type { Day } from "../../core/units/day.ts";
import { nm } from "../../core/units/length.ts";
import { cutPlanSays } from "../../core/words/cut-plan.ts";
import { sayDay } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { sheetText } from "../../core/words/glass.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { planBeside } from "../../workers/cutting-client.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { guarded } from "../ui/Guarded.tsx";
import { usePrefs } from "../ui/prefs.ts";
import { BeforeFirstScore } from "./BeforeFirstScore.tsx";
import { GlassHere, PanesToCut, WaitFirst } from "./BenchChoices.tsx";
import { type Booked, BookedSheet } from "./BookedSheet.tsx";
import { CutSheetCard } from "./CutSheetCard.tsx";
import { CutterInHand, useCutter } from "./CutterInHand.tsx";
import { asListed, caseOf, liesUpright, type Planned, planFacts, sparesOf } from "./plan-of.ts";
import { SoFar } from "./SoFar.tsx";

type Props = { readonly data: BenchPageData; readonly prefs: Prefs; readonly currency: string };
const SECONDS = 4;
/** The page comes back with this where the rest of a sheet is to be planned anew. */
const again = (group: string): string => `#the-rest/${encodeURIComponent(group)}`;

/** The cutting bench: what waits to be cut, what lies there, and how the one comes out of the other with the least waste. */
function BenchPage({ data, prefs: initial, currency }: Props) {
  const prefs = usePrefs(initial);
  const [at, setAt] = useState(0);
  const group = data.groups[at];
  useEffect(
    () =>
      setAt((was) =>
        Math.max(
          was,
          data.groups.findIndex((g) => location.hash === again(g.id)),
        ),
      ),
    [data],
  );
  return (
    <div className="mx-auto max-w-6xl space-y-5 px-4 py-4 print:max-w-none print:p-0">
      <header className="flex flex-wrap items-end justify-between gap-3">
        <h1>Bench</h1>
        <span className="no-print flex gap-2">
          <a className="btn" href="/bench/rack">
            The rack: count, labels
          </a>
          <button type="button" className="btn" onClick={() => window.print()}>
            Print
          </button>
        </span>
      </header>
      {data.groups.length === 0 && <p>No pane waits to be cut here.</p>}
      {data.groups.length > 1 && (
        <fieldset className="no-print flex flex-wrap gap-2">
          <legend className="sr-only">Glass</legend>
          {data.groups.map((g, i) => (
            <button
              key={g.id}
              type="button"
              aria-pressed={i === at}
              className={`btn ${i === at ? "btn-on" : ""}`}
              onClick={() => setAt(i)}
            >
              {sheetText(g, prefs)}: {g.panes.length}
            </button>
          ))}
        </fieldset>
      )}
      {data.toughened > 0 && (
        <p className="text-mute">
          {say(`${data.toughened} {toughened}: never cut, the maker cuts before it is hardened.`, prefs.dialect)}
        </p>
      )}
      {group && <Group key={group.id} group={group} data={data} prefs={prefs} currency={currency} />}
      <WaitFirst waits={data.waits} prefs={prefs} />
    </div>
  );
}

/** Where it was said of some that they are cut here, the others are left off until they are ticked. */
const notSaidOf = (group: BenchGroup) => (): ReadonlySet<string> =>
  new Set(group.panes.some((p) => p.isToBeCut) ? group.panes.filter((p) => !p.isToBeCut).map((p) => p.id) : []);

function Group({ group, data, prefs, currency }: { readonly group: BenchGroup } & Props) {
  const [off, setOff] = useState<ReadonlySet<string>>(notSaidOf(group));
  const [plan, setPlan] = useState<Planned | null>(null);
  const [soFar, setSoFar] = useState<Planned | null>(null);
  const [running, setRunning] = useState<{
    readonly share: number;
    readonly says: string;
    readonly stop: () => void;
  } | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [booked, setBooked] = useState<ReadonlyMap<number, Booked>>(new Map());
  const stopping = useRef<(() => void) | null>(null);
  useEffect(() => () => stopping.current?.(), []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, where the page came back to plan the rest
  useEffect(() => {
    if (location.hash !== again(group.id)) return;
    history.replaceState(null, "", location.pathname);
    if (panes.length > 0 && group.stock.length > 0) start();
  }, []);
  const use = useCutter(data.cutters, data.offsetMm);
  const cut = new Set([...booked.values()].flatMap((b) => b.panes.map((p) => p.id)));
  const waiting = group.panes.filter((p) => !cut.has(p.id));
  const panes = waiting.filter((p) => !off.has(p.id));
  const start = () => {
    const c = caseOf(group, panes, data.today as Day);
    setPlan(null);
    setSoFar(null);
    setBooked(new Map());
    const stop = planBeside({ case: c, seconds: SECONDS }, (reply) => {
      if (reply.kind === "progress")
        setRunning({
          share: reply.share,
          says: reply.unplaced > 0 ? `${reply.unplaced} without a place` : "all placed",
          stop: end,
        });
      else if (reply.kind === "better") setSoFar({ case: c, panes, done: reply.plan });
      else {
        setRunning(null);
        setSoFar(null);
        setPlan({ case: c, panes, done: reply.plan });
      }
    });
    const end = () => {
      stop();
      setRunning(null);
    };
    stopping.current = stop;
    setRunning({ share: 0, says: "", stop: end });
  };
  /** A sheet goes off the list as it lies on the bench after so many cuts: its panes are here, what is left of it lies there. */
  const book = async (i: number, spoilt: ReadonlySet<number>, done = Number.POSITIVE_INFINITY): Promise<boolean> => {
    const planned = plan?.done.sheets[i];
    if (!plan || !planned) return false;
    const make = entriesBy(prefs.who);
    const sheet = group.stock[planned.sheet];
    const lies = looseAfter(planned.root, done);
    const own = lies.flatMap((l) => (l.kind === "piece" && !spoilt.has(l.piece) ? (plan.panes[l.piece] ?? []) : []));
    const left = lies.flatMap((l) =>
      // What a piece broke out of has no size that anybody knows until it is measured.
      (l.kind === "uncut" && !l.pieces.some((p) => spoilt.has(p))) ||
      (l.kind === "left" && isKept(l.place, OFFCUT_KEPT))
        ? [l.place]
        : [],
    );
    // By day and hour: what is cut later that day is another piece, and has another label.
    const when = `${sayDay(data.today as Day)} ${new Date().toTimeString().slice(0, 5)}`;
    const named = left.map((l, k) => ({
      name: `Off-cut ${when}, ${i + 1}.${k + 1}`,
      ...asListed(group.glass, sheet, { widthNm: l.width, heightNm: l.height }),
    }));
    const refused = await handOver([
      make(
        "stock.cut",
        {},
        {
          sheet: sheet?.name ?? "",
          panes: own.map((p) => p.id),
          left: named,
          spoilt: spoilt.size,
          glass: group.glass,
          thicknessNm: group.thicknessNm,
        },
      ),
      ...own.flatMap((p) =>
        p.onOrder
          ? [
              make(
                "order.line-dropped",
                { order: p.onOrder.order, pane: p.id },
                { line: p.onOrder.line, reason: "cut on the bench" },
              ),
            ]
          : [],
      ),
      ...own.map((p) =>
        make(
          "order.had",
          { pane: p.id },
          {
            from: "cut",
            glass: group.glass,
            width: writtenExactly(nm(p.widthNm)),
            height: writtenExactly(nm(p.heightNm)),
            note: `from ${sheet?.name ?? "a sheet"}`.slice(0, 200),
          },
        ),
      ),
    ]);
    setSaid(refused);
    if (!refused) setBooked((was) => new Map(was).set(i, { left: named.map((l) => l.name), panes: own }));
    return !refused;
  };
  /** What is not cut yet, and what broke, is planned anew from what lies there now. */
  const planRest = async (i: number, spoilt: ReadonlySet<number>, done: number) => {
    if (!(await book(i, spoilt, done))) return;
    location.hash = again(group.id);
    location.reload();
  };
  return (
    <>
      {/* What lies there is known anew once the page is. */}
      {booked.size === 0 && (
        <div className="no-print grid gap-6 desk:grid-cols-2">
          <PanesToCut group={group} prefs={prefs} off={off} setOff={setOff} />
          <GlassHere group={group} prefs={prefs} currency={currency} />
        </div>
      )}
      <div className="no-print flex flex-wrap items-center gap-3">
        {booked.size === 0 ? (
          <button
            type="button"
            className="btn btn-main"
            disabled={group.stock.length === 0 || (panes.length === 0 && !running)}
            onClick={running ? running.stop : start}
          >
            {running ? "Stop" : "Plan the cuts"}
          </button>
        ) : (
          <a className={`btn ${booked.size === plan?.done.sheets.length ? "btn-main" : ""}`} href="/bench">
            {waiting.length === 0 ? "The bench again" : `What is left to cut: ${waiting.length}`}
          </a>
        )}
        {running && (
          <>
            <progress className="h-3 w-48" max={1} value={running.share} aria-label="planning" />
            <span className="text-mute">{running.says}</span>
          </>
        )}
        {plan && <p role="status">{say(cutPlanSays(planFacts(plan)), prefs.dialect)}</p>}
      </div>
      {running && soFar && <SoFar plan={soFar} prefs={prefs} />}
      {said && (
        <p className="note-wax" role="alert">
          {said}
        </p>
      )}
      {plan && plan.done.unplaced.length > 0 && (
        <p className="note-wax">
          No glass is left for {plan.done.unplaced.map((p) => plan.panes[p]?.where ?? "").join("; ")}. Add a sheet, or
          order
          {plan.done.unplaced.length === 1 ? " it" : " them"}.
        </p>
      )}
      {plan && plan.done.sheets.length > 0 && (
        <CutterInHand cutters={data.cutters} usualMm={data.offsetMm} prefs={prefs} use={use} />
      )}
      {plan?.done.sheets.map((s, i) =>
        booked.has(i) ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: the plan's sheets keep their places
          <BookedSheet key={i} n={i + 1} {...(booked.get(i) ?? { left: [], panes: [] })} />
        ) : (
          <CutSheetCard
            // biome-ignore lint/suspicious/noArrayIndexKey: the plan's sheets keep their places
            key={i}
            n={i + 1}
            of={plan.done.sheets.length}
            sheet={s}
            name={group.stock[s.sheet]?.name ?? ""}
            names={plan.panes.map((p) => p.where)}
            keep={OFFCUT_KEPT}
            unit={prefs.unit}
            guide={use.guide}
            first={
              <BeforeFirstScore
                thickness={scrapMm(group.thicknessNm)}
                tally={group.tries}
                mine={group.mine}
                others={group.others}
                spares={sparesOf(group, plan, s)}
                prefs={prefs}
              />
            }
            upright={liesUpright(group.glass, group.stock[s.sheet])}
            trim={plan.case.sheets[s.sheet]?.trim ?? 0}
            finish={(spoilt) => void book(i, spoilt)}
            stopHere={(spoilt, done) => void planRest(i, spoilt, done)}
          />
        ),
      )}
    </>
  );
}

export default guarded(BenchPage, "The bench");
