import { useState } from "react";
import {
  OPTION_NAMES,
  type Option,
  type OptionKind,
  optionsFor,
  ownerNote,
  recommend,
} from "../../core/look/options.ts";
import { optionsFacts } from "../../core/pane/options-facts.ts";
import { money } from "../../core/words/money.ts";
import { turnedDown } from "../../core/words/turned-down.ts";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Said } from "../parts/Said.tsx";

/** What can be done about it, side by side: possible or not, what it costs, how long, what it saves, and what we would do. */
export function Options() {
  const { book, reckoning: r, firm, say } = usePane();
  const facts = optionsFacts(book, r);
  const options = optionsFor(facts, firm.house);
  const best = recommend(options, facts);
  const possible = options.filter((o) => o.possible);
  const not = options.filter((o) => !o.possible);
  const chosen = possible.find((o) => o.kind === book.before.option?.option) ?? null;
  const note = ownerNote(facts);
  return (
    <Part
      title="What can be done"
      more={
        <a href={`/panes/${book.id}/options`} className="underline">
          the customer's page
        </a>
      }
    >
      <p className="note-glass">
        <span className="font-medium">We would take: {say(OPTION_NAMES[best.kind])}.</span> {say(best.because)}
      </p>
      {note && <p className="text-[13px]">For the owner: {say(note)}</p>}
      <ul className="rows">
        {possible.map((o) => (
          <OptionLine key={o.kind} option={o} best={o.kind === best.kind} chosen={chosen} />
        ))}
      </ul>
      {not.length > 0 && (
        <ul className="text-[13px] text-mute">
          {not.map((o) => (
            <li key={o.kind}>
              Not {say(OPTION_NAMES[o.kind])}: <Said>{o.because}</Said>
            </li>
          ))}
        </ul>
      )}
      <p className="text-[12px] text-mute">
        By the firm's own prices and hours on the <a href="/house#prices">house page</a>, tax included
        {facts.areaM2 === null ? ", for half a square metre until it is sized" : ""}. Heat loss at the centre, W/m²K, by
        EN 673.
      </p>
    </Part>
  );
}

type LineProps = { readonly option: Option; readonly best: boolean; readonly chosen: Option | null };

function OptionLine({ option: o, best, chosen: taken }: LineProps) {
  const { book, firm, say, write } = usePane();
  const chosen = book.before.option?.option === o.kind;
  const [asking, setAsking] = useState(false);
  const choose = (reason: string) => write("look.option", { option: o.kind as OptionKind, reason });
  return (
    <li className={`space-y-1 py-2 ${chosen ? "bg-tint -mx-2 px-2" : ""}`}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span className="font-semibold">{say(OPTION_NAMES[o.kind])}</span>
        <span className="tight font-semibold">{money(o.pence, firm.house.currency)}</span>
      </div>
      <p className="text-[13px]">
        {[
          `${o.hours} h, ${o.visits} ${o.visits === 1 ? "visit" : "visits"}, ${o.days} working ${o.days === 1 ? "day" : "days"}`,
          `guarantee ${say(o.guarantee)}`,
          say(o.match),
          o.heat.before !== null && o.heat.after !== null
            ? `heat ${o.heat.before.toFixed(1)} → ${o.heat.after.toFixed(1)}`
            : "",
        ]
          .filter(Boolean)
          .join("; ")}
      </p>
      <p className="text-[13px] text-mute">{say(o.because)}</p>
      {taken && taken !== o && <p className="text-[13px]">Turned down: {turnedDown(o, taken, firm.house.currency)}.</p>}
      {chosen ? (
        <p className="text-[13px] font-medium">
          Chosen{book.before.option?.reason && `: ${book.before.option.reason}`}
        </p>
      ) : asking ? (
        <form
          className="flex gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            choose(String(new FormData(e.currentTarget).get("reason") ?? ""));
            setAsking(false);
          }}
        >
          <input name="reason" aria-label="Why this one" placeholder="Why this one?" required maxLength={200} />
          <button type="submit" className="btn">
            Choose
          </button>
        </form>
      ) : (
        <button
          type="button"
          className={`btn btn-small ${best && !book.before.option ? "btn-main" : ""}`}
          onClick={() => (best ? choose("") : setAsking(true))}
        >
          Choose {say(OPTION_NAMES[o.kind])}
        </button>
      )}
    </li>
  );
}
