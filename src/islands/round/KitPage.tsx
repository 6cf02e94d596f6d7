import { foldFirm } from "../../core/firm/fold-firm.ts";
import type { RoundKit } from "../../core/page/round-kit.ts";
import { type Material, toBuy } from "../../core/set/pick-list.ts";
import { keptAs } from "../../core/steps/kit.ts";
import { timesText } from "../../core/text/counted.ts";
import type { Template } from "../../core/text/template.ts";
import { day, dayOf, writeDay } from "../../core/units/day.ts";
import { nm } from "../../core/units/length.ts";
import { KG_PER_LB } from "../../core/units/mass.ts";
import { sayDay } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { inUnit } from "../../core/words/in-unit.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { useLog } from "../log/use-log.ts";
import { DayField } from "../ui/DayField.tsx";
import { guarded } from "../ui/Guarded.tsx";
import { Size } from "../ui/Size.tsx";

type Props = RoundKit & { readonly prefs: Prefs };

/** The night before: tools, what was forgotten last time on top; what is used up against what lies on the shelf. */
function KitPage(props: Props) {
  const { store, entries, prefs } = useLog({ ...props, about: {} });
  const { shelf, forgotten } = foldFirm(entries);
  const words = (text: Template): string => inUnit(say(text, prefs.dialect), prefs.unit);
  const timesLeft = (tool: Template): number => forgotten.get(keptAs(tool)) ?? 0;
  const tools = [...props.kit.tools].sort((a, b) => timesLeft(b) - timesLeft(a));
  const uses: readonly Material[] = [...props.materials, ...props.kit.uses];
  return (
    <div className="mx-auto max-w-3xl space-y-5 bg-sheet px-6 py-6 print:max-w-none print:p-0">
      <header className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="no-print">
            <a href={`/?round=${props.round.id}`}>{props.round.name}</a>
          </p>
          <h1>Kit</h1>
          <p className="text-mute">
            For {sayDay(day(props.on))}, from the steps that can be done then: taking out goes on to making ready and
            setting.
          </p>
        </div>
        <div className="no-print flex items-center gap-3">
          <button type="button" className="btn" onClick={() => window.print()}>
            Print
          </button>
        </div>
      </header>
      <DaysWork on={props.on} panes={props.panes} />
      {props.isWet && <p className="note-wax">It is to rain that day: nothing for painting outside is packed.</p>}
      {props.glass.length > 0 && (
        <ul className="rows" aria-label="The glass">
          {props.glass.map((g) => (
            <li key={g.where} className="flex min-h-11 items-center justify-between gap-3">
              <label className="flex items-center gap-3">
                <input type="checkbox" className="!h-6 !w-6" disabled={!g.isHere} />
                <span>
                  <strong className="font-semibold">
                    {g.widthNm !== null && g.heightNm !== null && (
                      <Size width={nm(g.widthNm)} height={nm(g.heightNm)} unit={prefs.unit} made={g.isHere} />
                    )}
                  </strong>{" "}
                  <span className="pl-1">{g.where}</span> {g.what && <span className="text-mute">{g.what}</span>}
                </span>
              </label>
              {!g.isHere && <span className="trouble">not checked in yet</span>}
            </li>
          ))}
        </ul>
      )}
      <ul className="grid gap-x-6 sm:grid-cols-2 print:grid-cols-2" aria-label="Tools">
        {tools.map((t) => {
          const times = timesLeft(t);
          return (
            <li key={t} className="flex min-h-11 items-center justify-between gap-3">
              <label className="flex items-center gap-3">
                <input type="checkbox" className="!h-6 !w-6" />
                <span className={times > 0 ? "font-semibold" : ""}>
                  {words(t)}
                  {times > 0 && <span className="trouble"> left behind {timesText(times)}</span>}
                </span>
              </label>
              <button
                type="button"
                className="no-print btn btn-small border-transparent bg-transparent text-mute"
                aria-label={`Left behind: ${words(t)}`}
                onClick={() => void store.write("kit.forgot", {}, { what: keptAs(t), day: writeDay(day(props.today)) })}
              >
                left behind
              </button>
            </li>
          );
        })}
      </ul>
      {uses.length > 0 && (
        <table className="w-full border-collapse" aria-label="Used up">
          <thead className="text-left text-[13px] text-mute">
            <tr>
              <th className="font-normal">Used up</th>
              <th className="text-right font-normal">needed</th>
              <th className="text-right font-normal">on the shelf</th>
              <th className="text-right font-normal">to buy</th>
            </tr>
          </thead>
          <tbody>
            {uses.map((u) => {
              const have = shelf.get(String(u.what))?.amount ?? 0;
              // The shelf is counted as its reader weighs.
              const each = u.unit === "kg" && prefs.unit === "in" ? KG_PER_LB : 1;
              const buy = toBuy(u.amount, have);
              return (
                <tr key={`${u.what} ${u.unit}`} className="border-t border-line">
                  <td className="py-1">{words(u.what)}</td>
                  <td className="tight text-right">{words(`${u.amount} ${u.unit}`)}</td>
                  <td className="w-28 py-1 pl-4">
                    <input
                      key={have}
                      type="number"
                      min={0}
                      step="any"
                      className="tight text-right"
                      aria-label={`On the shelf: ${words(u.what)}`}
                      defaultValue={shelf.has(String(u.what)) ? Math.round((have / each) * 100) / 100 : ""}
                      onBlur={(e) => {
                        const to = e.target.value === "" ? 0 : e.target.valueAsNumber * each;
                        if (Number.isFinite(to) && to >= 0 && Math.abs(to - have) > 0.005)
                          void store.write("shelf.kept", {}, { what: String(u.what), amount: to, unit: u.unit });
                      }}
                    />
                  </td>
                  <td className={`tight text-right ${buy > 0 ? "font-semibold" : "text-mute"}`}>
                    {buy > 0 ? words(`${buy} ${u.unit}`) : "enough"}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
      {props.booked.length > 0 && (
        <section>
          <h2>Second person</h2>
          <ul className="rows">
            {props.booked.map((b) => (
              <li key={`${b.where} ${b.day}`} className="flex justify-between gap-3 py-1.5">
                <span>
                  {b.where}
                  {b.helper && `: ${b.helper}`}
                </span>
                <span>
                  {sayDay(dayOf(b.day))}, {b.from}, {b.hours} h
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

/** Which day, and which panes of it: the list below is packed for what is ticked. */
function DaysWork({ on, panes }: Pick<Props, "on" | "panes">) {
  return (
    <form method="get" className="space-y-1 border-y border-line py-3">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <DayField says="Packed for" name="day" required start={writeDay(day(on))} />
        <span className="no-print flex gap-2">
          <button type="submit" className="btn" name="only" value="ticked">
            Pack for these
          </button>
          <button type="submit" className="btn">
            All of that day
          </button>
        </span>
      </div>
      {panes.length === 0 && <p>Nothing of this round can be done on site that day.</p>}
      <ul className="rows" aria-label="For">
        {panes.map((p) => (
          <li key={p.id} className="flex min-h-11 items-center justify-between gap-3">
            <label className="flex items-center gap-3">
              <input type="checkbox" name="pane" value={p.id} defaultChecked={p.going} className="!h-6 !w-6" />
              <span>
                {p.where}
                {p.who && <span className="block text-[13px] text-mute">{p.who}</span>}
              </span>
            </label>
            <a href={`/panes/${p.id}`} className="text-mute">
              {p.station}
            </a>
          </li>
        ))}
      </ul>
    </form>
  );
}

export default guarded(KitPage, "The kit");
