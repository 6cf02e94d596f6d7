import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { foldFirm } from "../../core/firm/fold-firm.ts";
import type { RoundLinesData } from "../../core/page/round-page.ts";
import { isIn, PART_NAMES, PARTS, type Part, pressingFirst } from "../../core/round/part-of.ts";
import type { RoundRow } from "../../core/round/row.ts";
import { addDays, day } from "../../core/units/day.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { dayAxis } from "../../drawing/day-bars.ts";
import { useKeepsRound } from "../device/use-keeps-round.ts";
import { guarded } from "../ui/Guarded.tsx";
import { KeyMap } from "../ui/KeyMap.tsx";
import { useKeys } from "../ui/keys.ts";
import { usePrefs } from "../ui/prefs.ts";
import { AlikePanes } from "./AlikePanes.tsx";
import { DayHead } from "./DayHead.tsx";
import { EmptyRound } from "./EmptyRound.tsx";
import { Gather } from "./Gather.tsx";
import { AXIS_WIDTH, hrefOf } from "./RoundLine.tsx";
import { RoundList } from "./RoundList.tsx";
import { ROUND_KEYS } from "./round-keys.ts";
import { useRows } from "./use-rows.ts";

type Props = RoundLinesData & {
  readonly prefs: Prefs;
  readonly round: string;
};

/** Days drawn before today, and in all. */
/** So many panes are fetched whole, whatever is scrolled to. */
const FETCHED_WHOLE = 300;
const BEFORE = 8;
const DAYS = 24;

/** The round: a line a pane, how far it is, what it needs next, and its waits against the days. */
function RoundPage(props: Props) {
  const prefs = usePrefs(props.prefs);
  useKeepsRound(props.round);
  const { rows, missing, more, all } = useRows(props.round, props.rows, props.panes);
  const today = day(props.today);
  const [at, setAt] = useState(0);
  const [sheet, setSheet] = useState<"keys" | "gather" | null>(null);
  const [find, setFind] = useState("");
  const finder = useRef<HTMLInputElement>(null);
  const firm = useMemo(() => foldFirm(props.firmEntries), [props.firmEntries]);
  const { calendar, suppliers } = firm;
  const scroller = useRef<HTMLDivElement>(null);
  const [part, setPart] = useState<Part>("open");
  // The walk is put in another order only once all of it is here: lines that come later would jump.
  const found = rows.filter((r) => matches(r, find) && (find !== "" || isIn(part, r.next)));
  const shown = missing === 0 ? pressingFirst(found) : found;
  const chosenAt = Math.min(at, shown.length - 1);
  const chosen = shown[chosenAt];
  const axisFor = useCallback(
    (waits: RoundRow["waits"]) =>
      dayAxis({ first: addDays(today, -BEFORE), count: DAYS, width: AXIS_WIDTH, today, calendar, bars: waits }),
    [today, calendar],
  );

  // What presses comes first, and nobody knows that of half a round: the rest of one that is not too long follows at once.
  useEffect(() => {
    if (props.panes <= FETCHED_WHOLE) all();
  }, [props.panes, all]);
  const openGather = () => {
    all();
    setSheet("gather");
  };
  // An accepted quote leads here.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, as the page was asked for
  useEffect(() => {
    if (location.hash === "#gather") openGather();
  }, []);
  const step = (by: number) => setAt((i) => Math.max(0, Math.min(shown.length - 1, i + by)));
  const acts: Readonly<Record<string, () => unknown>> = {
    j: () => step(1),
    k: () => step(-1),
    ArrowDown: () => step(1),
    ArrowUp: () => step(-1),
    Enter: () => chosen && location.assign(hrefOf(chosen)),
    n: () => location.assign(`/panes/new?round=${props.round}`),
    o: () => openGather(),
    "/": () => finder.current?.focus(),
    "?": () => setSheet("keys"),
  };
  // Enter on a link or a button is theirs.
  useKeys("page", (e) =>
    e.key === "Enter" && e.target instanceof HTMLElement && e.target.closest("a, button") ? null : acts[e.key],
  );

  const isEmpty = rows.length === 0 && missing === 0;

  return (
    <>
      {isEmpty && (
        <div className="min-h-0 flex-1 overflow-auto bg-sheet">
          <EmptyRound round={props.round} prefs={prefs} />
        </div>
      )}
      <div ref={scroller} className="min-h-0 flex-1 overflow-auto bg-sheet" hidden={isEmpty}>
        <div className="desk:min-w-[1100px]">
          <div className="sticky top-0 z-10 grid grid-cols-[minmax(0,1fr)] items-end gap-x-4 border-b border-line bg-sheet px-4 desk:grid-cols-[15.5rem_10rem_16rem_minmax(0,1fr)] desk:px-6">
            <div className="py-1.5">
              <label className="flex items-center gap-2">
                <span className="sr-only">Find a pane</span>
                <input
                  ref={finder}
                  type="search"
                  placeholder={say("/ find a {pane}", prefs.dialect)}
                  value={find}
                  maxLength={60}
                  onChange={(e) => {
                    setFind(e.target.value);
                    setAt(0);
                    all();
                  }}
                  onKeyDown={(e) => {
                    if (e.key === "Escape") setFind("");
                    if (e.key === "Enter" && chosen) location.assign(hrefOf(chosen));
                    if (e.key === "Escape" || e.key === "Enter") e.currentTarget.blur();
                  }}
                />
              </label>
            </div>
            <div className="hidden pb-2 text-[13px] text-mute desk:block">How far</div>
            <div className="hidden pb-2 text-[13px] text-mute desk:block">Next</div>
            <div className="hidden desk:block">
              <span className="sr-only">Waits</span>
              <DayHead axis={axisFor([])} width={AXIS_WIDTH} />
            </div>
          </div>
          <div className="flex gap-1.5 overflow-x-auto border-b border-line bg-paper px-4 py-1.5 desk:px-6">
            {PARTS.map((p) => {
              const count = rows.filter((r) => isIn(p, r.next)).length;
              return (
                <button
                  key={p}
                  type="button"
                  className={`btn btn-small whitespace-nowrap ${p === part && find === "" ? "btn-on" : ""}`}
                  aria-pressed={p === part && find === ""}
                  onClick={() => {
                    setPart(p);
                    setFind("");
                    setAt(0);
                    all();
                  }}
                >
                  {PART_NAMES[p]}
                  {missing === 0 && <span className="tight pl-1 text-[13px] opacity-75">{count}</span>}
                </button>
              );
            })}
          </div>
          <RoundList
            rows={shown}
            at={chosenAt}
            prefs={prefs}
            axisFor={axisFor}
            choose={setAt}
            scroller={scroller}
            missing={missing}
            more={more}
          />
          {missing > 0 && find !== "" && <p className="p-4 text-mute">Looking through {missing} more.</p>}
          {shown.length === 0 && missing === 0 && (
            <p className="p-6 text-mute">
              {say(
                find !== ""
                  ? "No {pane} has those letters. Escape shows them all."
                  : `No {pane} here: ${PART_NAMES[part]}.`,
                prefs.dialect,
              )}
            </p>
          )}
          <AlikePanes rows={rows} prefs={prefs} />
        </div>
      </div>
      <footer className="flex shrink-0 flex-wrap items-center gap-x-5 gap-y-1 border-t border-line bg-paper px-4 py-2 desk:px-6">
        <a className="btn btn-main max-sm:flex-1" href={`/panes/new?round=${props.round}`}>
          {say("New {pane}", prefs.dialect)} <kbd className="text-[12px] max-sm:hidden">n</kbd>
        </a>
        <button type="button" className="btn" onClick={openGather}>
          Gather an order <kbd className="text-[12px] text-mute max-sm:hidden">o</kbd>
        </button>
        <p className="hidden items-center gap-4 text-[13px] desk:flex">
          <span>
            <kbd className="key">j</kbd> <kbd className="key">k</kbd> move
          </span>
          <span>
            <kbd className="key">Enter</kbd> open where it stands
          </span>
          <span>
            <kbd className="key">u</kbd> inches
          </span>
        </p>
        <button type="button" className="btn btn-small ml-auto max-sm:hidden" onClick={() => setSheet("keys")}>
          <kbd>?</kbd> all keys
        </button>
      </footer>
      {sheet === "keys" && <KeyMap keys={ROUND_KEYS} close={() => setSheet(null)} />}
      {sheet === "gather" && (
        <Gather
          rows={rows}
          openOrders={props.openOrders}
          prefs={prefs}
          suppliers={suppliers.map((x) => x.name)}
          firm={firm}
          close={() => setSheet(null)}
        />
      )}
    </>
  );
}

const matches = (r: RoundRow, find: string): boolean =>
  find
    .toLowerCase()
    .split(/\s+/)
    .every((word) => `${r.address} ${r.opening} ${r.light}`.toLowerCase().includes(word));

export default guarded(RoundPage, "The round");
