import { frameOf } from "../../core/frame/systems.ts";
import { EARLIER, EARLIER_FACTS, earlierMinutes, earlierOf } from "../../core/look/earlier.ts";
import { SPECIAL_FACTS, SPECIALS } from "../../core/look/special.ts";
import { writeDay } from "../../core/units/day.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PhotoOf } from "../photos/PhotoOf.tsx";
import { DayField } from "../ui/DayField.tsx";

/** What an earlier repair left behind, the minutes it costs, and how to say it. */
export function EarlierRepair() {
  const { book, say, write } = usePane();
  const found = book.before.earlier;
  const can = earlierOf(frameOf(book.added.system));
  return (
    <Fold
      title="Left by an earlier repair"
      more={
        found.length > 0
          ? `${earlierMinutes(found)} min more`
          : can
              .map((e) => say(EARLIER_FACTS[e].name))
              .slice(0, 3)
              .join(", ")
      }
    >
      <div className="flex flex-wrap gap-2">
        {EARLIER.filter((e) => can.includes(e) || found.includes(e)).map((e) => (
          <label key={e} className="chip">
            <input
              type="checkbox"
              checked={found.includes(e)}
              onChange={() =>
                write("look.earlier", { found: found.includes(e) ? found.filter((x) => x !== e) : [...found, e] })
              }
            />
            {say(EARLIER_FACTS[e].name)}
          </label>
        ))}
      </div>
      {found.length > 0 && (
        <div className="note-glass">
          <p className="text-[13px]">For the owner:</p>
          {found.map((e) => (
            <div key={e} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
              <p className="min-w-0 flex-1 basis-48">{say(EARLIER_FACTS[e].tell)}</p>
              <PhotoOf station="look" of={`earlier/${e}`} caption={say(EARLIER_FACTS[e].name)} name="as found" />
            </div>
          ))}
        </div>
      )}
    </Fold>
  );
}

/** Places and glass that want a licence: said once, and whose it is. */
export function Special() {
  const { book, write } = usePane();
  const { special, licensed } = book.before;
  return (
    <Fold
      title="Does it want a licence?"
      more={special.length > 0 ? special.map((s) => SPECIAL_FACTS[s].name).join(", ") : "fire, guarding, overhead"}
    >
      <div className="flex flex-wrap gap-2">
        {SPECIALS.map((s) => (
          <label key={s} className="chip">
            <input
              type="checkbox"
              checked={special.includes(s)}
              onChange={() =>
                write("look.special", {
                  special: special.includes(s) ? special.filter((x) => x !== s) : [...special, s],
                  licensed,
                })
              }
            />
            {SPECIAL_FACTS[s].name}
          </label>
        ))}
      </div>
      <Licence />
    </Fold>
  );
}

/** Says whose licence the work wants, and takes the name of who has it. */
export function Licence() {
  const { book, write } = usePane();
  const { special, licensed } = book.before;
  if (special.length === 0) return null;
  return (
    <div className="note-wax">
      <p className="font-medium">
        Stop here unless you are, or have spoken to, {special.map((s) => SPECIAL_FACTS[s].who).join(", and ")}.
      </p>
      <p>The local code decides. Steps are held until a name stands here.</p>
      <label className="block pt-1">
        <span className="text-[13px]">Who does it, or approved it</span>
        <input
          key={licensed}
          maxLength={200}
          defaultValue={licensed}
          onBlur={(e) => e.target.value !== licensed && write("look.special", { special, licensed: e.target.value })}
        />
      </label>
    </div>
  );
}

/** Lead in the building's paint: tested once for all its panes. */
export function LeadTest() {
  const { book, reckoning: r, writeFirm } = usePane();
  const set = (result: "none" | "found") => writeFirm("building.lead", { address: book.added.address, result });
  return (
    <div className="flex flex-wrap items-center gap-2 text-[14px]">
      <span>
        Paint tested for lead, {book.added.address}:{" "}
        <strong className="font-semibold">
          {r.lead === "none" ? "none found" : r.lead === "found" ? "lead found" : "not tested"}
        </strong>
      </span>
      {r.lead !== "none" && (
        <button type="button" className="btn btn-small" onClick={() => set("none")}>
          Tested: none
        </button>
      )}
      {r.lead !== "found" && (
        <button type="button" className="btn btn-small" onClick={() => set("found")}>
          Tested: found
        </button>
      )}
    </div>
  );
}

/** What the customer minds: a date, a lock, a rattle; each is asked for again at sign-off. */
export function Wants() {
  const { book, today, write } = usePane();
  const wants = book.before.wants ?? { by: null, mustLock: false, minds: "" };
  const change = (to: Partial<typeof wants>) => write("look.wants", { ...wants, ...to });
  return (
    <Fold
      title="What the customer minds"
      more={
        [wants.by ?? "", wants.mustLock ? "must lock" : "", wants.minds].filter(Boolean).join(", ") ||
        "date, lock, rattle"
      }
    >
      <div className="grid grid-cols-2 gap-2">
        <DayField says="Needed by" min={writeDay(today)} start={wants.by ?? ""} onDay={(by) => change({ by })} />
        <label className="chip self-end">
          <input type="checkbox" checked={wants.mustLock} onChange={(e) => change({ mustLock: e.target.checked })} />
          must lock every night
        </label>
        <label className="col-span-2">
          <span className="text-[13px] text-mute">In their words</span>
          <input
            key={wants.minds}
            maxLength={200}
            placeholder="draught, rattle, bars hard to clean"
            defaultValue={wants.minds}
            onBlur={(e) => e.target.value !== wants.minds && change({ minds: e.target.value })}
          />
        </label>
      </div>
    </Fold>
  );
}
