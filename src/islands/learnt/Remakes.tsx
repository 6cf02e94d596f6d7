import { useState } from "react";
import { REMAKE_WHY, type RemakeWhy } from "../../core/learn/remake.ts";
import { WENT_FACTS, type Went } from "../../core/learn/went.ts";
import type { Pence } from "../../core/money/pence.ts";
import { penceIn } from "../../core/money/read-money.ts";
import { WHOSE_NAMES, type Whose } from "../../core/order/had.ts";
import type { LearntPageData, LedgerLine } from "../../core/page/learnt-page.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { money } from "../../core/words/money.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { rateChart } from "../../drawing/rate-chart.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { MadeYears } from "../panels/MadeYears.tsx";
import { WhyBack } from "../panels/WhyBack.tsx";
import { MoneyField } from "../ui/MoneyField.tsx";

type Props = { readonly data: LearntPageData; readonly prefs: Prefs; readonly currency: string };
const BOX = { width: 720, height: 230 };

/** Each pane that came back: why, whose, what it cost, and what would have prevented it; and how often, by quarter. */
export function Remakes({ data, prefs, currency }: Props) {
  if (data.quarters.length === 0)
    return (
      <div className="space-y-5">
        <p className="note-glass max-w-[42rem]">
          No pane came yet, and so none came back. A pane that is sent back at check-in, or breaks, stands here.
        </p>
        <MadeYears years={data.years} prefs={prefs} />
      </div>
    );
  const few = data.quarters.some((q) => q.few);
  return (
    <div className="space-y-5">
      <figure>
        <figcaption className="font-semibold">Panes that came back, of those that came</figcaption>
        <RateDrawing data={data} />
        {few && (
          <p className="text-[14px] text-mute">
            Pale quarters had fewer than 20 panes: one more or less says next to nothing there. The bar is where the
            rate lies with nine chances in ten.
          </p>
        )}
      </figure>
      {data.why.length > 0 && (
        <ul className="space-y-1">
          {data.why.map((w) => (
            <li key={w.why ?? "not said"}>
              <span className="font-semibold">
                {w.panes} {w.why === null ? "nobody said why" : REMAKE_WHY[w.why].name}
              </span>
              {w.pence > 0 && `, ${money(w.pence, currency)}`}
              {w.why !== null && <span className="text-mute">. {say(REMAKE_WHY[w.why].prevents, prefs.dialect)}</span>}
            </li>
          ))}
        </ul>
      )}
      <MadeYears years={data.years} prefs={prefs} />
      {data.went.length > 0 && (
        <p className="text-mute">
          As they went in: {data.went.map((w) => `${w.panes} ${WENT_FACTS[w.went as Went].name}`).join(", ")}.
        </p>
      )}
      <ul className="divide-y divide-line border-y border-line">
        {data.ledger.map((l) => (
          <Line key={`${l.pane}${l.line}`} line={l} prefs={prefs} currency={currency} />
        ))}
      </ul>
    </div>
  );
}

function RateDrawing({ data }: { readonly data: LearntPageData }) {
  const chart = rateChart(data.quarters, BOX);
  const { frame } = chart;
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      className="w-full"
      role="img"
      aria-label={data.quarters.map((q) => `${q.name}: ${q.back} of ${q.came}`).join("; ")}
    >
      {chart.ticks.map((t) => (
        <g key={t.text}>
          <path d={`M${frame.left} ${t.y}H${frame.right}`} stroke="var(--line)" />
          <text x={frame.left - 6} y={t.y + 4} textAnchor="end" className="d-mute !text-[12px]">
            {t.text}
          </text>
        </g>
      ))}
      {chart.quarters.map((q) => (
        <g key={q.name} opacity={q.few ? 0.5 : 1}>
          <path d={`M${q.x} ${q.top}V${q.foot}`} stroke="var(--glass)" strokeWidth={8} opacity={0.35} />
          <path d={`M${q.x - 11} ${q.y}h22`} stroke="var(--ink)" strokeWidth={3} />
          <text x={q.x} y={frame.foot + 17} textAnchor="middle" className="d-text !text-[12px]">
            {q.name}
          </text>
          <text x={q.x} y={frame.foot + 33} textAnchor="middle" className="d-mute !text-[12px]">
            {q.says}
          </text>
        </g>
      ))}
    </svg>
  );
}

function Line({
  line,
  prefs,
  currency,
}: {
  readonly line: LedgerLine;
  readonly prefs: Prefs;
  readonly currency: string;
}) {
  const [said, setSaid] = useState<{ why: RemakeWhy; whose: Whose; pence: Pence | null } | null>(null);
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState("");
  const why = said?.why ?? line.why;
  const whose = said?.whose ?? line.whose;
  const pence = said?.pence ?? line.pence;
  return (
    <li className="py-3">
      <div className="flex items-baseline justify-between gap-x-4">
        <p>
          <a className="font-semibold" href={`/panes/${line.pane}/order`}>
            {line.where}
          </a>{" "}
          <span className="text-mute">
            {sayDay(dayOf(line.day))}
            {line.supplier && `, ${line.supplier}`}
            {line.said && `: ${line.said}`}
          </span>
        </p>
        <button type="button" className="btn btn-small" aria-expanded={open} onClick={() => setOpen(!open)}>
          {why === null ? "Say why" : "Change"}
        </button>
      </div>
      <p className="text-[14px] text-mute">
        {[
          why === null ? null : REMAKE_WHY[why].name,
          whose === null ? null : WHOSE_NAMES[whose],
          pence === null ? null : money(pence, currency),
        ]
          .filter((t) => t !== null)
          .join(", ") || "Nobody said yet why, and whose it is."}
      </p>
      {open && (
        <form
          className="mt-2 grid items-end gap-2 sm:grid-cols-4"
          onSubmit={async (e) => {
            e.preventDefault();
            const form = new FormData(e.currentTarget);
            const next = {
              why: form.get("why") as RemakeWhy,
              whose: form.get("whose") as Whose,
              pence: penceIn(String(form.get("cost") ?? "")),
            };
            const refused = await handOver([
              entriesBy(prefs.who)(
                "remake.kept",
                { pane: line.pane },
                { line: line.line, day: line.day, ...next, note: String(form.get("note") ?? "").trim() },
              ),
            ]);
            setFault(refused ?? "");
            if (refused === null) {
              setSaid(next);
              setOpen(false);
            }
          }}
        >
          <WhyBack why={why} whose={whose} />
          <MoneyField name="cost" says={`Cost, ${currency}`} start={pence} />
          <label>
            <span className="text-[13px] text-mute">Note</span>
            <input name="note" maxLength={200} defaultValue={line.said} />
          </label>
          <button type="submit" className="btn btn-main sm:col-span-4 sm:justify-self-start">
            Keep it
          </button>
          {fault !== "" && (
            <p className="trouble sm:col-span-4" role="alert">
              {fault}
            </p>
          )}
        </form>
      )}
    </li>
  );
}
