import { useState } from "react";
import { frameOf } from "../../core/frame/systems.ts";
import { type Option, type OptionKind, optionName, optionsFor, ownerNote, recommend } from "../../core/look/options.ts";
import { afterWorkingDays } from "../../core/order/lead.ts";
import { optionLeads } from "../../core/pane/option-leads.ts";
import { optionsFacts } from "../../core/pane/options-facts.ts";
import { plural } from "../../core/text/counted.ts";
import { addDays } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { HEAT_UNIT, heatFigure } from "../../core/words/heat.ts";
import { money } from "../../core/words/money.ts";
import { turnedDown } from "../../core/words/turned-down.ts";
import { usePane } from "../panels/pane-context.ts";
import { Said } from "../panels/Said.tsx";
import { useStage } from "../stage/stage-context.ts";

/** What can be done about it, side by side: possible or not, what it costs, how long, what it saves, and what we would do. */
export function Options() {
  const { book, reckoning: r, firm, prefs, records, today, say } = usePane();
  const { openTab } = useStage();
  const facts = optionsFacts(book, r, optionLeads(book, r, { firm, today, record: records }));
  const options = optionsFor(facts, firm.house);
  // Nothing is proposed for glass that nobody looked at.
  const looked = book.damage.length > 0 || facts.glass !== "not-looked" || facts.worst !== null;
  const unsaid = book.added.unsaid === true;
  const best = looked && !unsaid ? recommend(options, facts) : null;
  const possible = options.filter((o) => o.possible);
  const not = options.filter((o) => !o.possible);
  const chosen = possible.find((o) => o.kind === book.before.option?.option) ?? null;
  const note = ownerNote(facts);
  const hasHeat = possible.some((o) => o.heat.before !== null && o.heat.after !== null);
  return (
    <section aria-label="What can be done" className="space-y-2">
      {unsaid && (
        <div className="note-wax flex flex-wrap items-center justify-between gap-2">
          <p>
            {say(
              `Nobody said how the glass is held. Until then this is as for ${frameOf(book.added.system).name.toLowerCase()}.`,
            )}
          </p>
          <button type="button" className="btn btn-small" onClick={() => openTab("frame")}>
            Say how it is held
          </button>
        </div>
      )}
      {best && (
        <p className="note-glass">
          <span className="font-medium">We would take: {say(optionName(best.kind, facts))}.</span> {say(best.because)}
        </p>
      )}
      {note && <p className="text-[13px]">For the owner: {say(note)}</p>}
      <div className={`${ROW} border-b border-line text-[13px] text-mute max-desk:hidden`} aria-hidden="true">
        <span className={WHAT}>What can be done</span>
        <span className="min-[1180px]:text-right">Cost</span>
        <span>In by</span>
        <span>Visits</span>
        <span>{hasHeat ? "Heat lost" : ""}</span>
        <span>Guarantee</span>
      </div>
      <ul className="rows">
        {possible.map((o) => (
          <OptionLine
            key={o.kind}
            option={o}
            name={say(optionName(o.kind, facts))}
            best={o.kind === best?.kind}
            chosen={chosen}
          />
        ))}
        {not.map((o) => (
          <li key={o.kind} className="py-1.5 text-[13px] text-mute">
            Not {say(optionName(o.kind, facts))}: <Said>{o.because}</Said>
          </li>
        ))}
      </ul>
      <p className="text-[12px] text-mute">
        By the firm's own prices and hours under <a href="/house#prices">House rules</a>, tax included
        {facts.areaM2 === null ? ", for half a square metre until it is sized" : ""}.{" "}
        {hasHeat && `Heat loss at the centre, ${HEAT_UNIT[prefs.unit]}, by EN 673. `}
        <a href={`/panes/${book.id}/options`}>The customer's page</a>
      </p>
    </section>
  );
}

/** One line of the table, on a screen that has room for its columns. */
const ROW =
  "desk:grid desk:grid-cols-[5.6rem_6rem_3rem_5.5rem_minmax(0,1fr)_5.5rem] min-[1180px]:grid-cols-[minmax(0,1fr)_5.6rem_6rem_3rem_5.5rem_6.5rem_5.5rem] desk:gap-x-3";
/** Where the columns leave it no room, what it is stands above its figures. */
const WHAT = "desk:col-span-full min-[1180px]:col-auto";

type LineProps = {
  readonly option: Option;
  readonly name: string;
  readonly best: boolean;
  readonly chosen: Option | null;
};

function OptionLine({ option: o, name, best, chosen: taken }: LineProps) {
  const { book, firm, prefs, say, write, today } = usePane();
  const chosen = book.before.option?.option === o.kind;
  const [asking, setAsking] = useState(false);
  const choose = (reason: string) => write("look.option", { option: o.kind as OptionKind, reason });
  const by = afterWorkingDays(today, o.days, firm.calendar);
  return (
    <li
      className={`${ROW} items-baseline gap-x-3 gap-y-1 py-2 max-desk:flex max-desk:flex-wrap ${chosen ? "bg-tint -mx-2 px-2" : ""}`}
    >
      <div className={`${WHAT} max-desk:basis-full`}>
        <span className="block font-semibold first-letter:uppercase">{name}</span>
        <p className="text-[13px] text-mute">{say(o.because)}</p>
        {taken && taken !== o && (
          <p className="text-[13px]">Turned down: {turnedDown(o, taken, firm.house.currency)}.</p>
        )}
        {chosen && book.before.option?.reason && <p className="text-[13px]">{book.before.option.reason}</p>}
        <p className="text-[13px] text-mute">
          {o.hours} h of work, {say(o.match)}
        </p>
      </div>
      <span className="tight font-semibold min-[1180px]:text-right">{money(o.pence, firm.house.currency)}</span>
      <span>
        <span className="desk:hidden">in by </span>
        {sayDay(by)}
        {o.paintAfter !== null && (
          <span className="text-[13px] text-mute desk:block">
            <span className="desk:hidden">, </span>paint from {sayDay(addDays(by, o.paintAfter))}
          </span>
        )}
      </span>
      <span>
        {o.visits}
        <span className="desk:hidden"> {plural(o.visits, "visit")}</span>
      </span>
      <span className="tight max-desk:empty:hidden">
        {o.heat.before !== null && o.heat.after !== null && (
          <>
            <span className="desk:hidden">heat lost </span>
            {heatFigure(o.heat.before, prefs.unit)} → {heatFigure(o.heat.after, prefs.unit)}
          </>
        )}
      </span>
      <span className="text-[13px]">
        <span className="desk:hidden">guarantee: </span>
        {say(o.guarantee)}
      </span>
      {chosen ? (
        <strong className="font-semibold max-desk:ml-auto">Chosen</strong>
      ) : asking ? (
        <form
          className="col-span-full flex gap-2 max-desk:basis-full"
          onSubmit={(e) => {
            e.preventDefault();
            choose(String(new FormData(e.currentTarget).get("reason") ?? ""));
            setAsking(false);
          }}
        >
          <input
            name="reason"
            ref={(field) => field?.focus()}
            aria-label="Why this one"
            placeholder="Why this one?"
            required
            maxLength={200}
          />
          <button type="submit" className="btn">
            Choose
          </button>
        </form>
      ) : (
        <button
          type="button"
          className={`btn btn-small max-desk:ml-auto ${best && !book.before.option ? "btn-main" : ""}`}
          onClick={() => (best ? choose("") : setAsking(true))}
        >
          Choose<span className="sr-only"> {name}</span>
        </button>
      )}
    </li>
  );
}
