import { DndContext, type DragEndEvent, PointerSensor, TouchSensor, useSensor, useSensors } from "@dnd-kit/core";
import { useEffect, useMemo, useRef, useState } from "react";
import type { WeekReply } from "../../contract/week-job.ts";
import type { Entry } from "../../core/log/kinds.ts";
import type { PlanPageData } from "../../core/page/plan-page.ts";
import { brokenRules } from "../../core/plan/broken-rules.ts";
import { VISIT_PART_NAMES } from "../../core/plan/visit-part.ts";
import type { Stop } from "../../core/plan/week.ts";
import { stopCase, stopOf, weekOf } from "../../core/plan/week-case.ts";
import { type Day, day, dayOf, weekday, writeDay } from "../../core/units/day.ts";
import { clock } from "../../core/words/clock.ts";
import { sayDay } from "../../core/words/days.ts";
import { BROKEN_SAYS, becauseWords } from "../../core/words/plan.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { layOutBeside } from "../../workers/week-client.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { guarded } from "../ui/Guarded.tsx";
import { useKeys } from "../ui/keys.ts";
import { usePrefs } from "../ui/prefs.ts";
import { useOnPhone } from "../ui/use-on-phone.ts";
import { DaySheet } from "./DaySheet.tsx";
import { LayOutBar } from "./LayOutBar.tsx";
import { changes, tryAt } from "./model.ts";
import { People } from "./People.tsx";
import { ofCell } from "./PersonsDay.tsx";
import { Promises } from "./Promises.tsx";
import { SpringList } from "./SpringList.tsx";
import { VisitCard } from "./VisitCard.tsx";
import { VisitSheet } from "./VisitSheet.tsx";
import { Waits } from "./Waits.tsx";
import { Wanting } from "./Wanting.tsx";
import { WeekByDay } from "./WeekByDay.tsx";
import { WeekGrid } from "./WeekGrid.tsx";

type Props = { readonly data: PlanPageData; readonly prefs: Prefs };
type Done = Extract<WeekReply, { kind: "done" }>;
const SHOWN = 5;
/** The page comes back here where the week is laid out at once. */
const ANEW = "/plan?anew=1";

/** The firm's week: what wants a day, everybody's days, and a button that lays them out. */
function PlanPage({ data, prefs: initial }: Props) {
  const prefs = usePrefs(initial);
  const week = useMemo(() => weekOf(data.case), [data.case]);
  const [kept, setKept] = useState<readonly Stop[]>(() => data.stops.map(stopOf));
  const [proposal, setProposal] = useState<Done | null>(null);
  const [running, setRunning] = useState<{ readonly share: number; readonly stop: () => void } | null>(null);
  const [from, setFrom] = useState(0);
  const [opened, setOpened] = useState<string | null>(null);
  const [tried, setTried] = useState<{ readonly visit: string; readonly stop: Stop } | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [dayOfWhom, setDayOf] = useState<string | null>(null);
  const undo = useRef<(readonly Stop[])[]>([]);
  const stops = useMemo(() => (proposal ? proposal.stops.map(stopOf) : kept), [proposal, kept]);
  const broken = useMemo(
    () =>
      new Map(
        brokenRules(week, stops)
          .filter((b) => b.rule !== "moved")
          .map((b) => [b.visit, b]),
      ),
    [week, stops],
  );
  const saidOf = new Map(data.said.map((s) => [s.id, s]));
  const visitOf = new Map(week.visits.map((v) => [v.id, v]));
  const placed = new Set(stops.map((s) => s.visit));
  const moved = proposal ? changes(kept, stops) : new Map<string, Stop | null>();
  const days = data.days.filter(
    (d) => (weekday(dayOf(d.day)) !== 0 && weekday(dayOf(d.day)) !== 6) || stops.some((s) => writeDay(s.day) === d.day),
  );
  const shown = days.slice(from, from + SHOWN);

  /** Writes what changed from the week that stands to another. */
  const keep = async (after: readonly Stop[], how: { readonly byHand: boolean; readonly why: string }) => {
    const make = entriesBy(prefs.who);
    const entries: Entry[] = [...changes(kept, after)].map(([visit, s]) => {
      const said = saidOf.get(visit);
      return make(
        "plan.visit",
        { pane: said?.pane },
        s
          ? {
              part: said?.part ?? "fit",
              day: writeDay(s.day),
              from: Math.round(s.from),
              person: s.person,
              helper: s.helper,
              ...how,
            }
          : { part: said?.part ?? "fit", day: null, from: null, person: "", helper: null, byHand: true, why: "" },
      );
    });
    if (entries.length === 0) return;
    undo.current.push(kept);
    setKept(after);
    setSaid(await handOver(entries));
  };
  const takeBack = () => {
    const before = undo.current.pop();
    if (!before) return;
    void keep(before, { byHand: true, why: "taken back" }).then(() => undo.current.pop());
  };
  const put = (stop: Stop, why: string) => {
    setOpened(null);
    setTried(null);
    void keep([...kept.filter((s) => s.visit !== stop.visit), stop], { byHand: true, why });
  };
  const moveTo = (visit: string, to: { readonly day: Day; readonly person: string }) => {
    const found = tryAt(week, kept, visit, to);
    if (!found) return;
    if (found.broken.length === 0) put(found.stop, "");
    else {
      setTried({ visit, stop: found.stop });
      setOpened(visit);
    }
  };
  const onDrop = (e: DragEndEvent) => {
    if (e.over) moveTo(String(e.active.id), ofCell(String(e.over.id)));
  };
  const layOut = () => {
    if (running) return running.stop();
    setProposal(null);
    const end = layOutBeside(
      { week: data.case, standing: kept.map(stopCase), seconds: 4, seed: 1 + undo.current.length },
      (reply) => {
        if (reply.kind === "progress") setRunning({ share: reply.share, stop });
        else {
          setRunning(null);
          setProposal(reply);
        }
      },
    );
    const stop = () => {
      end();
      setRunning(null);
    };
    setRunning({ share: 0, stop });
  };
  // Somebody is away since: their days are laid out anew, and shown beside what stood.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, as the page comes
  useEffect(() => {
    if (location.pathname + location.search !== ANEW) return;
    history.replaceState(null, "", "/plan");
    layOut();
  }, []);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  useKeys("page", (e) => {
    if (e.key === "l") return layOut;
    if (e.key === "z") return takeBack;
    if (e.key === "]") return () => setFrom((n) => Math.min(n + SHOWN, Math.max(0, days.length - SHOWN)));
    if (e.key === "[") return () => setFrom((n) => Math.max(0, n - SHOWN));
    const at = document.activeElement?.getAttribute("data-visit");
    const step = ARROWS[e.key];
    if (!at || !step) return null;
    return () => {
      const now = kept.find((s) => s.visit === at);
      const d = Math.max(
        0,
        shown.findIndex((x) => now && dayOf(x.day) === now.day),
      );
      const p = Math.max(
        0,
        week.people.findIndex((x) => x.name === now?.person),
      );
      const day = shown[now ? d + step[0] : 0];
      const person = week.people[now ? p + step[1] : 0];
      if (day && person) moveTo(at, { day: dayOf(day.day), person: person.name });
    };
  });
  const card = (s: Stop, isHelp: boolean) => {
    const [of, v] = [saidOf.get(s.visit), visitOf.get(s.visit)];
    const wrong = broken.get(s.visit);
    if (!of || !v) return null;
    const was = kept.find((k) => k.visit === s.visit);
    return (
      <VisitCard
        key={`${s.visit} ${isHelp}`}
        said={of}
        visit={v}
        stop={s}
        isHelp={isHelp}
        isWrong={wrong !== undefined}
        isNew={moved.has(s.visit)}
        isChosen={opened === s.visit}
        says={
          wrong
            ? BROKEN_SAYS[wrong.rule](wrong.of)
            : moved.has(s.visit) && was
              ? wasAt(was, s)
              : of.because.kind === "not-ordered"
                ? becauseWords(of.because)
                : undefined
        }
        open={() => setOpened(s.visit)}
      />
    );
  };
  const Days = useOnPhone() ? WeekByDay : WeekGrid;
  const whyNot = new Map(proposal?.unplaced.map((u) => [u.visit, u]));
  const openedSaid = opened === null ? undefined : saidOf.get(opened);
  return (
    <DndContext sensors={sensors} onDragEnd={onDrop}>
      <div className="min-h-0 flex-1 max-desk:flex max-desk:flex-col max-desk:overflow-y-auto desk:grid desk:grid-cols-[17rem_1fr]">
        <Wanting
          wanting={data.said.filter((s) => !placed.has(s.id))}
          visits={visitOf}
          today={data.today}
          opened={opened}
          open={setOpened}
        >
          <People data={data} prefs={prefs} />
        </Wanting>
        <main id="main" className="flex min-w-0 flex-col bg-sheet max-desk:order-1 desk:min-h-0">
          <LayOutBar
            running={running}
            proposal={proposal}
            before={kept}
            week={week}
            moved={moved.size}
            layOut={layOut}
            take={() => {
              const after = stops;
              setProposal(null);
              void keep(after, { byHand: false, why: "" });
            }}
            leave={() => setProposal(null)}
            undo={undo.current.length > 0 ? takeBack : null}
          />
          {said && (
            <p className="note-wax" role="alert">
              {said}
            </p>
          )}
          <div className="min-h-0 flex-1 overflow-x-auto p-3 desk:overflow-auto">
            <nav className="mb-2 flex items-center gap-2" aria-label="Weeks">
              <button
                type="button"
                className="btn btn-small"
                disabled={from === 0}
                onClick={() => setFrom(Math.max(0, from - SHOWN))}
              >
                ← earlier <kbd className="key max-desk:hidden">[</kbd>
              </button>
              <button
                type="button"
                className="btn btn-small"
                disabled={from + SHOWN >= days.length}
                onClick={() => setFrom(Math.min(from + SHOWN, days.length - SHOWN))}
              >
                later <kbd className="key max-desk:hidden">]</kbd> →
              </button>
              <span className="text-[13px] text-mute max-desk:hidden">
                Drag a visit to somebody's day, or move it with the arrow keys. The forecast is made up until a real one
                is connected.
              </span>
            </nav>
            <div className="sm:max-desk:w-[60rem]">
              <Days
                week={week}
                days={shown}
                stops={stops}
                today={data.today}
                unit={prefs.unit}
                card={card}
                open={setDayOf}
              />
              <Waits waits={data.waits} days={shown} />
            </div>
            <SpringList
              week={week}
              unit={prefs.unit}
              says={(id) => {
                const said = saidOf.get(id);
                return said ? `${said.where}: ${VISIT_PART_NAMES[said.part]}` : null;
              }}
              open={setOpened}
            />
            <Promises promises={data.promises} today={day(data.today)} />
          </div>
        </main>
      </div>
      {dayOfWhom !== null && (
        <DaySheet
          name={dayOfWhom}
          days={shown}
          week={week}
          stops={kept}
          said={saidOf}
          away={(day) => {
            void handOver([
              entriesBy(prefs.who)("plan.away", {}, { name: dayOfWhom, day: writeDay(day), away: true, why: "ill" }),
            ]).then((refused) => (refused ? setSaid(refused) : location.assign(ANEW)));
          }}
          give={(handed) => {
            setDayOf(null);
            void keep(handed.stops, { byHand: true, why: `${dayOfWhom}'s day, given over` });
          }}
          close={() => setDayOf(null)}
        />
      )}
      {openedSaid && (
        <VisitSheet
          key={openedSaid.id}
          said={openedSaid}
          promise={openedSaid.part === "fit" ? data.promises.find((p) => p.pane === openedSaid.pane) : undefined}
          today={day(data.today)}
          unit={prefs.unit}
          week={week}
          stops={kept}
          stop={tried?.visit === openedSaid.id ? tried.stop : (stops.find((s) => s.visit === openedSaid.id) ?? null)}
          isKept={proposal === null && tried === null}
          whyNot={whyNot.get(openedSaid.id)}
          place={put}
          takeOff={() => {
            setOpened(null);
            void keep(
              kept.filter((s) => s.visit !== openedSaid.id),
              { byHand: true, why: "" },
            );
          }}
          tell={(says) => {
            const on = stops.find((s) => s.visit === openedSaid.id);
            if (on)
              void handOver([
                entriesBy(prefs.who)(
                  "plan.told",
                  { pane: openedSaid.pane },
                  { part: openedSaid.part, day: writeDay(on.day), says },
                ),
              ]);
          }}
          close={() => {
            setOpened(null);
            setTried(null);
          }}
        />
      )}
    </DndContext>
  );
}

/** Where it stood before, as far as that is another. */
const wasAt = (was: Stop, now: Stop): string =>
  was.day === now.day && was.person === now.person
    ? `was ${clock(was.from)}`
    : `was ${sayDay(was.day)}, ${was.person.split(" ")[0]}`;

const ARROWS: { readonly [key: string]: readonly [days: number, people: number] } = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

export default guarded(PlanPage, "The week");
