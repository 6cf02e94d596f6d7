import type { RoundHeadData } from "../../core/page/round-page.ts";
import type { Template } from "../../core/text/template.ts";
import { alertWords } from "../../core/words/alert.ts";
import { type Dialect, say } from "../../core/words/dialect.ts";

const count = (n: number, one: Template, many: Template): Template => `${n} ${n === 1 ? one : many}`;

type Props = RoundHeadData & { readonly dialect: Dialect };

/** What stands over the round: its name, what cannot wait, and where else to go. */
export function RoundHead({ round, others, panes, settable, alerts, openings, dialect }: Props) {
  const said = alerts
    .slice(0, 2)
    .map((a) => ({ ...alertWords(a, dialect), pane: a.pane, href: `/panes/${a.pane}/${a.station}` }));
  return (
    <section className="flex flex-wrap items-end justify-between gap-x-8 gap-y-2 border-b border-line px-4 py-3 desk:px-6 desk:py-4">
      <div className="min-w-0 max-w-full">
        <h1>{round.name}</h1>
        <p className="text-mute">
          {say(`${count(panes, "{pane}", "{panes}")} in ${count(openings, "opening", "openings")}.`, dialect)}
          {settable > 0 && say(` ${count(settable, "{pane} is", "{panes} are")} checked in and ready to set.`, dialect)}
        </p>
        <p className="flex gap-2 overflow-x-auto whitespace-nowrap pt-1.5 sm:flex-wrap">
          {others.slice(0, 6).map((o) => (
            <a key={o.id} className="btn btn-small" href={`/?round=${o.id}`}>
              {o.name}
            </a>
          ))}
          {others.length > 6 && <a className="btn btn-small" href="/rounds">{`All ${others.length + 1} rounds`}</a>}
          <a className="btn btn-small" href="/rounds/new">
            New round
          </a>
          <a className="btn btn-small" href={`/rounds/${round.id}/openings`}>
            CSV and sheets
          </a>
          <a className="btn btn-small" href={`/rounds/${round.id}/quote`}>
            Quote
          </a>
          <a className="btn btn-small" href={`/rounds/${round.id}/kit`}>
            Kit
          </a>
        </p>
      </div>
      {said.length > 0 && (
        <ul className="space-y-0.5" aria-label="Cannot wait">
          {said.map((a) => (
            <li key={a.pane + a.says}>
              <a className="font-semibold text-wax no-underline hover:underline" href={a.href}>
                <span aria-hidden="true">▲ </span>
                {a.says}
              </a>
              <span className="text-[13px] text-mute">{` ${a.todo}`}</span>
            </li>
          ))}
          {alerts.length > 2 && <li className="text-[13px] text-mute">{`and ${alerts.length - 2} more below`}</li>}
        </ul>
      )}
    </section>
  );
}
