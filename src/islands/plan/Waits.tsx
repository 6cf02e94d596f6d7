import type { PlanDay, PlanPageData } from "../../core/page/plan-page.ts";
import { day, dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";

const SAYS = {
  glass: "glass on its way",
  late: "glass is late",
  cure: "it cures",
  paint: "may be painted",
  closed: "closed up",
} as const;
const TONE = {
  glass: "border-dashed border-ink bg-sheet",
  late: "border-wax bg-sheet text-wax",
  cure: "border-line bg-putty/50",
  paint: "border-glass bg-tint",
  closed: "border-dashed border-wax bg-sheet",
} as const;

/** What waits, day by day under the week: glass, cure, paint, closed-up holes. */
export function Waits({ waits, days }: { readonly waits: PlanPageData["waits"]; readonly days: readonly PlanDay[] }) {
  const first = dayOf(days[0]?.day ?? "2000-01-01");
  const last = dayOf(days.at(-1)?.day ?? "2000-01-01");
  const shown = waits.flatMap((w) => {
    const in_ = w.waits.filter((x) => x.to >= first && x.from <= last);
    return in_.length > 0 ? [{ ...w, waits: in_ }] : [];
  });
  if (shown.length === 0) return null;
  const column = (d: number): number =>
    Math.max(
      0,
      Math.min(
        days.length - 1,
        days.findIndex((x) => dayOf(x.day) >= d) === -1 ? days.length - 1 : days.findIndex((x) => dayOf(x.day) >= d),
      ),
    );
  return (
    <section aria-label="Waits" className="mt-4">
      <h2 className="text-[15px]">What waits</h2>
      <ul className="sm:hidden">
        {shown.map((w) => (
          <li key={w.pane} className="border-t border-line py-1.5">
            <a className="inline-block py-2 font-medium" href={`/panes/${w.pane}`}>
              {w.where}
            </a>
            {w.waits.map((x) => (
              <span key={`${x.kind} ${x.from}`} className={`block text-[14px] ${x.kind === "late" ? "text-wax" : ""}`}>
                {SAYS[x.kind]}, {sayDay(day(x.from))}
                {x.to !== x.from && ` to ${sayDay(day(x.to))}`}
              </span>
            ))}
          </li>
        ))}
      </ul>
      <ul className="max-sm:hidden">
        {shown.map((w) => (
          <li
            key={w.pane}
            className="grid grid-cols-[6rem_repeat(5,minmax(0,1fr))] items-center border-t border-line py-0.5"
          >
            <a className="col-start-1 row-start-1 truncate text-[13px]" href={`/panes/${w.pane}`} title={w.where}>
              {w.where}
            </a>
            {w.waits.map((x) => (
              <span
                key={`${x.kind} ${x.from}`}
                className={`row-start-1 truncate rounded border px-1.5 text-[13px] leading-5 ${TONE[x.kind]} ${START[column(x.from)]} ${END[column(x.to)]}`}
              >
                {SAYS[x.kind]}
              </span>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}

/* Columns as classes: the page's security policy lets no style stand in its HTML. */
const START = ["col-start-2", "col-start-3", "col-start-4", "col-start-5", "col-start-6"] as const;
const END = ["col-end-3", "col-end-4", "col-end-5", "col-end-6", "col-end-7"] as const;
