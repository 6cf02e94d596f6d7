import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import { frameOf } from "../../core/frame/systems.ts";
import { REMAKE_WHY } from "../../core/learn/remake.ts";
import type { About } from "../../core/log/kind-fact.ts";
import type { Entry, Kind, Payloads } from "../../core/log/kinds.ts";
import { causeClause } from "../../core/look/damage.ts";
import type { Repair, WindowPageData } from "../../core/page/window-page.ts";
import { timesText } from "../../core/text/counted.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDate } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { guarded } from "../ui/Guarded.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { usePrefs } from "../ui/prefs.ts";
import { Size } from "../ui/Size.tsx";

type Props = { readonly data: WindowPageData; readonly prefs: Prefs };

/** An opening's life: every repair, what it was made of, and a new break that begins where the last one ended. */
function WindowPage({ data, prefs: initial }: Props) {
  const prefs = usePrefs(initial);
  const where = [data.address, data.opening, data.light].filter((t) => t !== "").join(", ");
  const done = data.repairs.filter((r) => r.state !== "open").length;
  return (
    <div className="mx-auto max-w-4xl space-y-5 px-4 py-4">
      <header>
        <h1>{where}</h1>
        <p className="text-mute">
          {data.unsaid
            ? "How its glass is held: nobody said yet."
            : `${say(frameOf(data.system).name, prefs.dialect)}, worked from ${data.side}.`}{" "}
          {done === 0 ? "Nothing was finished here yet." : `Repaired ${timesText(done)}.`}
        </p>
      </header>
      <NewBreak data={data} prefs={prefs} />
      <ol className="divide-y divide-line border-y border-line">
        {data.repairs.map((r) => (
          <Line key={r.pane} repair={r} prefs={prefs} />
        ))}
      </ol>
      <p className="text-[14px]">
        All windows at {data.address}, for its owner:{" "}
        <a href={`/windows/property.pdf?address=${encodeURIComponent(data.address)}`}>on paper</a>, or{" "}
        <a href={`/windows/property.json?address=${encodeURIComponent(data.address)}`}>for another program</a>.
      </p>
      {data.neighbours.length > 0 && (
        <section aria-label="Other openings at this address">
          <h2>Others at this address</h2>
          <ul className="divide-y divide-line border-y border-line">
            {data.neighbours.map((n) => (
              <li key={n.pane} className="flex flex-wrap items-baseline justify-between gap-x-4 py-2">
                <a className="font-semibold" href={`/windows/${n.pane}`}>
                  {n.where}
                </a>
                <span className="text-[14px] text-mute">
                  {[
                    say(frameOf(n.system).short, prefs.dialect),
                    n.cause && say(causeClause(n.cause), prefs.dialect),
                    n.alike && "like this one: have a look at it too",
                  ]
                    .filter(Boolean)
                    .join(" · ")}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function Line({ repair: r, prefs }: { readonly repair: Repair; readonly prefs: Prefs }) {
  const facts = [
    r.setIn && `set in ${r.setIn.toLowerCase()}`,
    r.beads.length > 0 && `{beads} out ${r.beads.join(", ")}`,
    r.packers > 0 && `${r.packers} {packers} on the map`,
    ...r.materials,
  ].filter((t): t is string => typeof t === "string" && t !== "");
  return (
    <li className="grid gap-x-6 py-3 sm:grid-cols-[8.5rem_minmax(0,1fr)]">
      <div>
        <p className="font-semibold">{sayDate(dayOf(r.day))}</p>
        <p className="text-[13px] text-mute">
          {r.state === "signed" ? "signed off" : r.state === "set" ? "set" : "under way"}
        </p>
      </div>
      <div>
        <p className="text-[17px]">
          <a href={`/panes/${r.pane}/logbook`} className="font-semibold">
            {r.fitted}
          </a>
          {r.size && (
            <>
              , <Size width={r.size.width} height={r.size.height} unit={prefs.unit} made={r.state !== "open"} />
            </>
          )}
        </p>
        <p className="text-[14px] text-mute">
          {[r.cause && say(`It ${causeClause(r.cause)}`, prefs.dialect), ...facts.map((f) => say(f, prefs.dialect))]
            .filter(Boolean)
            .join("; ")}
        </p>
        {r.back !== null && (
          <p className="text-[14px] text-wax">
            It came back: {REMAKE_WHY[r.back].name}. {say(REMAKE_WHY[r.back].prevents, prefs.dialect)}
          </p>
        )}
        {r.notes.map((n) => (
          <p key={n} className="border-l-4 border-tape pl-2 text-[14px]">
            {n}
          </p>
        ))}
        {r.photos.length > 0 && (
          <p className="flex flex-wrap gap-2 pt-1">
            {r.photos.slice(0, 6).map((p) => (
              <img key={p} src={`/api/photos/${p}?side=160`} alt="" className="h-20 w-20 object-cover" loading="lazy" />
            ))}
          </p>
        )}
        <p className="text-[13px] text-mute">
          {r.who.join(", ")} · {r.round}
        </p>
      </div>
    </li>
  );
}

/** A new break: one tap, on the round that is chosen, with what was learned of the frame. */
function NewBreak({ data, prefs }: Props) {
  const [fault, setFault] = useState("");
  const [on, setOn] = useState(data.rounds[0]?.id ?? null);
  if (data.underWay !== null)
    return (
      <p className="note-glass">
        It is being repaired now. <a href={`/panes/${data.underWay}`}>Go on with it</a>.
      </p>
    );
  if (data.rounds.length === 0) return null;
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={async (e) => {
        e.preventDefault();
        const round = String(new FormData(e.currentTarget).get("round") ?? "");
        const pane = uuidv7();
        const write = entriesBy(prefs.who) as <K extends Kind>(kind: K, about: About, payload: Payloads[K]) => Entry;
        const refused = await handOver([
          write(
            "pane.added",
            { pane },
            {
              round,
              address: data.address,
              opening: data.opening,
              light: data.light,
              system: data.system,
              side: data.side,
              ...(data.unsaid && { unsaid: true as const }),
            },
          ),
          ...data.carried.map((c) => write(c.kind, { pane }, c.payload)),
        ]);
        if (refused === null) location.assign(`/panes/${pane}/look`);
        else setFault(refused);
      }}
    >
      <PickOne
        name="It is broken again: put it on"
        field="round"
        of={data.rounds.map((r) => [r.id, r.name])}
        value={on}
        change={setOn}
      />
      <button type="submit" className="btn btn-main">
        Begin, with what is known of its frame
      </button>
      {fault !== "" && (
        <p className="trouble w-full" role="alert">
          {fault}
        </p>
      )}
    </form>
  );
}

export default guarded(WindowPage, "This opening");
