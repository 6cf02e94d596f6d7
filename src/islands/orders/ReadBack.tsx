import { useState } from "react";
import type { Payloads } from "../../core/log/kinds.ts";
import { penceIn } from "../../core/money/read-money.ts";
import { afterWorkingDays } from "../../core/order/lead.ts";
import type { OrderBook, OrderLine } from "../../core/pane/order-book.ts";
import { statedSize } from "../../core/pane/order-line.ts";
import type { WorkCalendar } from "../../core/plan/calendar.ts";
import { type Day, writeDay } from "../../core/units/day.ts";
import { type LengthUnit, toMm } from "../../core/units/length.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { isReadBack, readBackOf } from "../../core/words/read-back.ts";
import { DayField } from "../ui/DayField.tsx";
import { MoneyField } from "../ui/MoneyField.tsx";
import { Sheet } from "../ui/Sheet.tsx";

type Props = {
  readonly order: OrderBook;
  readonly lines: readonly OrderLine[];
  /** The supplier's own unit: what they cut in is what they are told. */
  readonly unit: LengthUnit;
  readonly prefs: Prefs;
  readonly today: Day;
  readonly leadDays: number;
  readonly calendar: WorkCalendar;
  readonly ticked: (line: OrderLine, figures: readonly string[]) => void;
  readonly agreed: (sent: Payloads["order.sent"], ack: Payloads["order.acknowledged"]) => void;
  readonly close: () => void;
};

/** For the telephone: one line at a time in big type, each figure ticked as the other side repeats it. */
export function ReadBack({ order, lines, unit, prefs, today, leadDays, calendar, ticked, agreed, close }: Props) {
  const [at, setAt] = useState(() => {
    const open = lines.findIndex((l) => !isReadBack(l, unit, prefs.dialect));
    return open === -1 ? lines.length : open;
  });
  const line = lines[at];
  if (!line)
    return (
      <Sheet title={`Agreed with ${order.supplier}`} close={close}>
        <form
          className="space-y-3"
          onSubmit={(e) => {
            e.preventDefault();
            const form = new FormData(e.currentTarget);
            const due = String(form.get("due"));
            const day = writeDay(today);
            agreed(
              { day, due },
              {
                day,
                due,
                pence: penceIn(String(form.get("price") ?? "")),
                theirs: String(form.get("theirs") ?? ""),
                how: "telephone",
              },
            );
            close();
          }}
        >
          <p>All {lines.length === 1 ? "of it" : `${lines.length} lines`} repeated. What did they say?</p>
          <div className="grid grid-cols-2 gap-3">
            <DayField
              says="Ready on"
              name="due"
              required
              min={writeDay(today)}
              start={writeDay(afterWorkingDays(today, leadDays, calendar))}
            />
            <MoneyField name="price" says="Their price, before tax" placeholder="64.50" />
            <label className="col-span-2">
              <span className="text-[13px] text-mute">Their reference, or who said it</span>
              <input name="theirs" maxLength={200} />
            </label>
          </div>
          <div className="flex gap-2">
            <button type="button" className="btn" onClick={() => setAt(lines.length - 1)}>
              Back
            </button>
            <button type="submit" className="btn btn-main flex-1">
              Ordered, as agreed
            </button>
          </div>
        </form>
      </Sheet>
    );
  const figures = readBackOf(line, unit, prefs.dialect);
  const all = figures.every((f) => line.readBack.includes(f.id));
  const { width, height } = statedSize(line);
  return (
    <Sheet title={`Line ${at + 1} of ${lines.length}, to ${order.supplier}`} close={close}>
      <div className="grid grid-cols-[1fr_84px] items-start gap-3 max-sm:grid-cols-1">
        <ul className="rows">
          {figures.map((f) => {
            const on = line.readBack.includes(f.id);
            return (
              <li key={f.id}>
                <label className="flex min-h-12 cursor-pointer items-center gap-3 py-1">
                  <input
                    type="checkbox"
                    className="!h-6 !w-6 shrink-0"
                    checked={on}
                    onChange={() =>
                      ticked(line, on ? line.readBack.filter((x) => x !== f.id) : [...line.readBack, f.id])
                    }
                  />
                  <span className="w-20 shrink-0 text-[13px] text-mute">{f.name}</span>
                  <span
                    className={f.big ? "tight text-[34px] leading-none font-bold whitespace-nowrap" : "text-[17px]"}
                  >
                    {f.says}
                  </span>
                </label>
              </li>
            );
          })}
        </ul>
        <Shape width={toMm(width)} height={toMm(height)} />
      </div>
      <div className="flex gap-2">
        <button type="button" className="btn" disabled={at === 0} onClick={() => setAt(at - 1)}>
          Back
        </button>
        <button type="button" className={`btn flex-1 ${all ? "btn-main" : ""}`} onClick={() => setAt(at + 1)}>
          {all ? "Next" : "Next, though not all is repeated"}
        </button>
      </div>
    </Sheet>
  );
}

const BOX = 84;

/** The pane's shape, upright or lying: what a figure said twice would spoil. */
function Shape({ width, height }: { readonly width: number; readonly height: number }) {
  const scale = (BOX - 8) / Math.max(width, height, 1);
  const [w, h] = [width * scale, height * scale];
  return (
    <svg
      viewBox={`0 0 ${BOX} ${BOX}`}
      className="max-sm:hidden"
      role="img"
      aria-label={width > height ? "wider than high" : "higher than wide"}
    >
      <rect x={(BOX - w) / 2} y={(BOX - h) / 2} width={w} height={h} className="d-pane" />
    </svg>
  );
}
