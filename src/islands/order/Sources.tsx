import { orderBy } from "../../core/order/lead.ts";
import { SOURCE_NAMES } from "../../core/order/sources.ts";
import { type CountedOn, neededBy } from "../../core/pane/needed-by.ts";
import type { orderLineOf } from "../../core/pane/order-line.ts";
import { sayDay } from "../../core/words/days.ts";
import { money } from "../../core/words/money.ts";
import { percent } from "../../core/words/percent.ts";
import { usePane } from "../panels/pane-context.ts";
import { useStage } from "../stage/stage-context.ts";
import { GoesAs } from "./GoesAs.tsx";
import { useSources } from "./use-sources.ts";

/** Where it can come from: when, for how much, and how those who make it have kept their word. */
type Props = {
  /** What would be ordered, where it has a size. */
  readonly line?: NonNullable<ReturnType<typeof orderLineOf>>;
  /** Takes one: it goes on an order to them. Not there while something holds the pane off its order. */
  readonly take?: (supplier: string) => void;
  /** Takes the piece that lies in the rack. */
  readonly takeHere?: () => void;
};

const COUNTED_ON: Readonly<Record<CountedOn, string>> = {
  wanted: "Needed",
  told: "They were told",
  closed: "Closed up until",
};

export function Sources({ line, take, takeHere }: Props) {
  const { book, reckoning, firm, say } = usePane();
  const { openTab } = useStage();
  const all = useSources();
  /** Once it is taken the side says what comes next, and on a phone is brought back. */
  const taken = (take: () => void) => () => {
    take();
    openTab(null);
  };
  if (all.length === 0) return null;
  const needed = neededBy(book, reckoning, firm.calendar);
  const best = all.find((s) => !s.instead);
  const lead = best?.leadDays ?? 0;
  return (
    <section className="space-y-1" aria-label="Where from">
      <h2>Where from</h2>
      {needed && (
        <p className="text-[13px]">
          {COUNTED_ON[needed.asked]} {sayDay(needed.day)}: order by {sayDay(orderBy(needed.fitBy, lead, firm.calendar))}
          .
        </p>
      )}
      <ul className="rows">
        {all.map((s) => (
          <li
            key={`${s.kind} ${s.supplier}`}
            className={`grid grid-cols-[minmax(0,1fr)_6rem_5rem] items-baseline gap-x-3 py-2 ${s === best ? "bg-tint -mx-2 px-2" : ""}`}
          >
            <span className={s === best ? "font-semibold" : "font-medium"}>
              {say(SOURCE_NAMES[s.kind])}
              {s === best && " – proposed"}
              {s.instead && ", instead"}
            </span>
            <span className={`text-right ${s.late ? "trouble" : ""}`}>{sayDay(s.day)}</span>
            <span className="tight text-right font-semibold">
              {s.pence === null ? "" : money(s.pence, firm.house.currency)}
            </span>
            <div className="text-[13px] text-mute max-[1179px]:col-span-3">
              {say(s.because)}
              {s.inTime !== null && s.supplier !== null && ` In time: ${percent(s.inTime)}.`}
              {line && s.supplier !== null && !s.instead && <GoesAs line={line} supplier={s.supplier} amongOthers />}
            </div>
            {takeHere && s.supplier === null && (
              <button
                type="button"
                className={`btn btn-small col-span-2 justify-self-end max-[1179px]:col-span-3 ${s === best ? "btn-main" : ""}`}
                onClick={taken(takeHere)}
              >
                Take it from the rack
              </button>
            )}
            {take && s.supplier && !s.instead && (
              <button
                type="button"
                className={`btn btn-small col-span-2 justify-self-end max-[1179px]:col-span-3 ${s === best ? "btn-main" : ""}`}
                onClick={taken(() => s.supplier && take(s.supplier))}
              >
                Order it from {s.supplier}
              </button>
            )}
            {take && s.instead && <InsertInstead />}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** An insert is read over its frame and ordered by that: the size of the bare unit is another pane's. What is next says so. */
function InsertInstead() {
  const { write } = usePane();
  return (
    <button
      type="button"
      className="btn btn-small col-span-2 justify-self-end max-[1179px]:col-span-3"
      onClick={() => {
        write("look.option", { option: "insert", reason: "" });
        write("measure.way", { way: "insert-outside" });
      }}
    >
      Take the insert instead
    </button>
  );
}
