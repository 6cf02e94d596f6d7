import type { BenchGroup, BenchPageData } from "../../core/page/bench-page.ts";
import { RUN_NAMES } from "../../core/specify/looks.ts";
import { sheetText } from "../../core/words/glass.ts";
import { money } from "../../core/words/money.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { nextWords } from "../../core/words/standing.ts";
import { Size } from "../ui/Size.tsx";
import { StockForm } from "./StockForm.tsx";

type Props = { readonly group: BenchGroup; readonly prefs: Prefs };

/** What waits to be cut, each ticked or left for another day. */
export const PanesToCut = ({
  group,
  prefs,
  off,
  setOff,
}: Props & { readonly off: ReadonlySet<string>; readonly setOff: (off: ReadonlySet<string>) => void }) => (
  <section aria-label="Panes to cut">
    <h2>To cut: {sheetText(group, prefs)}</h2>
    <ul className="rows">
      {group.panes.map((p) => (
        <li key={p.id} className="flex min-h-12 items-center gap-3 py-1">
          <label className="flex flex-1 items-center gap-3">
            <input
              type="checkbox"
              className="!h-6 !w-6 shrink-0"
              checked={!off.has(p.id)}
              onChange={() => setOff(new Set(off.has(p.id) ? [...off].filter((x) => x !== p.id) : [...off, p.id]))}
            />
            <span>
              {p.where}
              {p.onOrder && (
                <span className="block text-[13px] text-mute">
                  on an order to {p.onOrder.supplier} that is not sent: cut here, it comes off it
                </span>
              )}
            </span>
          </label>
          <b className="whitespace-nowrap">
            <Size width={p.widthNm} height={p.heightNm} unit={prefs.unit} />
          </b>
          {group.glass === "patterned" && (
            <span className="text-[13px] text-mute">{RUN_NAMES[p.runs ?? "not-said"]}</span>
          )}
        </li>
      ))}
    </ul>
  </section>
);

/** What would be cut too soon: each with what is to be settled, and where. */
export const WaitFirst = ({ waits, prefs }: { readonly waits: BenchPageData["waits"]; readonly prefs: Prefs }) =>
  waits.length > 0 && (
    <section aria-label="Not to be cut yet" className="no-print">
      <h2>Not to be cut yet</h2>
      <ul className="rows">
        {waits.map(({ id, where, next }) => (
          <li key={id} className="flex min-h-12 flex-wrap items-center justify-between gap-x-3 py-1">
            <span>{where}</span>
            <a className="btn btn-small" href={`/panes/${id}/${next.station}`}>
              {nextWords(next, prefs.dialect)} <span aria-hidden="true">→</span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  );

/** The sheets and off-cuts of this kind that lie here, and the way to add one. */
export const GlassHere = ({ group, prefs, currency }: Props & { readonly currency: string }) => (
  <section aria-label="Glass that lies here">
    <h2>From</h2>
    <ul className="rows">
      {group.stock.length === 0 && <li className="py-2 text-mute">Nothing of this kind is in stock.</li>}
      {group.stock.map((s) => (
        <li key={s.name} className="flex min-h-12 flex-wrap items-center justify-between gap-x-3 py-1">
          <span>
            {s.name}
            {s.slot && <span className="text-mute"> · {s.slot}</span>}
            {group.glass === "patterned" && (
              <span className="text-mute">
                {" "}
                · {s.runs ? RUN_NAMES[s.runs] : "nobody said which way: taken as upright"}
              </span>
            )}
          </span>
          <span>
            <Size width={s.widthNm} height={s.heightNm} unit={prefs.unit} />
            <span className="text-mute">
              {" "}
              · {s.bought ? "bought as needed" : `${s.count ?? 1} there`}
              {s.costPence !== undefined && `, ${money(s.costPence, currency)}`}
            </span>
          </span>
        </li>
      ))}
    </ul>
    <StockForm group={group} prefs={prefs} />
  </section>
);
