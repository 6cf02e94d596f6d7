import { useState } from "react";
import type { Compound, CompoundId } from "../../core/bed/compound.ts";
import { COMPOUNDS } from "../../core/bed/compounds.ts";
import { frameOf, SYSTEMS, type System } from "../../core/frame/systems.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import { plural } from "../../core/text/counted.ts";
import { PickOne } from "../ui/PickOne.tsx";
import type { Say } from "../ui/say.ts";

type Own = Payloads["compound.kept"];
type Props = {
  readonly own: readonly Own[];
  readonly say: Say;
  readonly write: (c: Own) => void;
  /** The firm's list, its own first, and what it mostly takes by the kind of frame. */
  readonly all: readonly Compound[];
  readonly usual: ReadonlyMap<System, string>;
  readonly takeUsual: (system: System, compound: string) => void;
};

const FIGURES = ["handsOffHours", "leastDays", "mostDays", "leastC", "dryBefore", "mostC"] as const;
const NAMES: Readonly<Record<(typeof FIGURES)[number], string>> = {
  handsOffHours: "shut, h",
  leastDays: "paint from, days",
  mostDays: "paint by, days",
  leastC: "cures above, °C",
  dryBefore: "dry days before",
  mostC: "bears in the sun, °C",
};

const likeOf = (c: Compound): Own => ({
  name: "",
  like: c.kind,
  handsOffHours: c.handsOffHours,
  leastDays: c.leastDays,
  mostDays: c.mostDays,
  leastC: c.leastC,
  dryBefore: c.dryBefore,
  primeRebate: c.primeRebate,
  mostC: c.mostC,
});

/** Setting materials: the usual ones with their sources, and the firm's own as their labels say. */
export function Compounds({ own, all, usual, takeUsual, say, write }: Props) {
  const [first] = COMPOUNDS;
  const [form, setForm] = useState<Own | null>(null);
  const shown = (c: Pick<Own, (typeof FIGURES)[number] | "approved">): string =>
    [
      c.handsOffHours === 0 ? "may be used at once" : `left alone ${c.handsOffHours} h`,
      c.leastDays === null
        ? "not painted"
        : c.mostDays === null
          ? `painted from day ${c.leastDays}`
          : `painted from day ${c.leastDays} to day ${c.mostDays}`,
      say(`cures above ${c.leastC} °C`),
      c.mostC === undefined ? "" : say(`bears ${c.mostC} °C`),
      c.approved ? `approved by ${c.approved}` : "",
      c.dryBefore > 0 ? `${c.dryBefore} dry ${plural(c.dryBefore, "day")} before paint` : "",
    ]
      .filter(Boolean)
      .join(" · ");
  const change = (to: Partial<Own>) => form && setForm({ ...form, ...to });
  const wrong = form !== null && form.leastDays !== null && form.mostDays !== null && form.mostDays < form.leastDays;
  return (
    <section id="compounds" className="space-y-3">
      <h2>Setting materials</h2>
      <p className="text-mute">What the label on your tub or tube says comes before the usual figures.</p>
      <div className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
        {SYSTEMS.map((system) => (
          <PickOne
            key={system}
            name={`${say(frameOf(system).name)}: usually in`}
            unsaid="as the trade does: nobody chose"
            of={all.map((c) => [c.id, say(c.name)])}
            value={usual.get(system) ?? null}
            change={(bed) => takeUsual(system, bed)}
          />
        ))}
      </div>
      <ul className="rows bg-sheet px-4">
        {own.map((c) => (
          <li key={c.name} className="grid grid-cols-[1fr_auto] items-center gap-x-4 py-2">
            <span>
              <strong className="font-semibold">{c.name}</strong>{" "}
              <span className="text-[13px] text-mute">
                {say(COMPOUNDS.find((k) => k.id === c.like)?.name ?? c.like)} by its label. {shown(c)}
              </span>
            </span>
            <span className="flex gap-2">
              <button
                type="button"
                className="btn btn-small"
                aria-label={`Change ${c.name}`}
                onClick={() => setForm(c)}
              >
                Change
              </button>
              <button
                type="button"
                className="btn btn-small"
                aria-label={`Take ${c.name} off the list`}
                onClick={() => write({ ...c, gone: true })}
              >
                Off
              </button>
            </span>
          </li>
        ))}
        {COMPOUNDS.map((c) => (
          <li key={c.id} className="grid grid-cols-[1fr_auto] items-center gap-x-4 py-2">
            <span>
              <strong className="font-semibold">{say(c.name)}</strong> {shown(c)}
              <span className="block text-[13px] text-mute">Source: {c.source}</span>
            </span>
            <button
              type="button"
              className="btn btn-small"
              aria-label={`One of mine like ${say(c.name)}`}
              onClick={() => setForm(likeOf(c))}
            >
              Mine
            </button>
          </li>
        ))}
      </ul>
      {form && first && (
        <form
          className="grid grid-cols-2 items-end gap-2 sm:grid-cols-5"
          onSubmit={(e) => {
            e.preventDefault();
            if (wrong) return;
            write({ ...form, name: form.name.trim() });
            setForm(null);
          }}
        >
          <label className="col-span-2 sm:col-span-3">
            <span className="text-[13px] text-mute">Name on the label</span>
            <input
              required
              maxLength={120}
              pattern=".*\S.*"
              value={form.name}
              onChange={(e) => change({ name: e.target.value })}
            />
          </label>
          <PickOne
            name="It is a"
            className="col-span-2"
            of={COMPOUNDS.map((c) => [c.id as CompoundId, say(c.name)])}
            value={form.like}
            change={(like) => change({ like })}
          />
          {FIGURES.map((f) => (
            <label key={f}>
              <span className="text-[13px] text-mute">{NAMES[f]}</span>
              <input
                type="number"
                className="tight text-right"
                min={f === "leastC" ? -40 : 0}
                max={f === "leastC" ? 40 : 400}
                required={f !== "leastDays" && f !== "mostDays" && f !== "mostC"}
                value={form[f] ?? ""}
                onChange={(e) =>
                  change({ [f]: e.target.value === "" ? (f === "mostC" ? undefined : null) : e.target.valueAsNumber })
                }
              />
            </label>
          ))}
          <label className="col-span-2 sm:col-span-4">
            <span className="text-[13px] text-mute">Approved by the maker of</span>
            <input
              maxLength={120}
              placeholder="this frame, this unit; as their sheet says"
              value={form.approved ?? ""}
              onChange={(e) => change({ approved: e.target.value })}
            />
          </label>
          <label className="chip col-span-2">
            <input
              type="checkbox"
              checked={form.primeRebate}
              onChange={(e) => change({ primeRebate: e.target.checked })}
            />
            {say("wants a primed {rebate}")}
          </label>
          <button type="submit" className="btn btn-main">
            Keep
          </button>
          <button type="button" className="btn" onClick={() => setForm(null)}>
            Leave it
          </button>
          {wrong && (
            <p className="note-wax col-span-2 sm:col-span-5" role="alert">
              It must be painted by a later day than it may be painted from. Leave a field empty where the label says
              nothing.
            </p>
          )}
        </form>
      )}
    </section>
  );
}
