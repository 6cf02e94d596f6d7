import { useEffect, useState } from "react";
import type { Payloads } from "../../core/log/kinds.ts";
import { readTape } from "../../core/tape/read.ts";
import { writeLength } from "../../core/tape/write.ts";
import { type Nm, nm } from "../../core/units/length.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { PickOne } from "../ui/PickOne.tsx";

type Cutter = Payloads["bench.cutter"];
type Side = "datum" | "far";
/** What lies in the hand at this bench: kept on the device, for a tool lies where it lies. */
type InHand = { readonly cutter: string; readonly side: Side };
const KEPT = "plain-pane.cutter";
const USUAL = "";
const ANOTHER = "+";

export type Guide = {
  /** From the straightedge to the score. */
  readonly offset: Nm;
  readonly side: Side;
};

function kept(): InHand {
  try {
    const said = JSON.parse(localStorage.getItem(KEPT) ?? "null") as Partial<InHand> | null;
    return { cutter: String(said?.cutter ?? USUAL), side: said?.side === "far" ? "far" : "datum" };
  } catch {
    return { cutter: USUAL, side: "datum" };
  }
}

/** The cutter in hand and where its straightedge goes; the usual one until it is said. */
export function useCutter(cutters: readonly Cutter[], usualMm: number) {
  const [inHand, setInHand] = useState<InHand>({ cutter: USUAL, side: "datum" });
  useEffect(() => setInHand(kept()), []);
  const take = (to: Partial<InHand>) => {
    const now = { ...inHand, ...to };
    setInHand(now);
    localStorage.setItem(KEPT, JSON.stringify(now));
  };
  const cutter = cutters.find((c) => c.name === inHand.cutter);
  const guide: Guide = { offset: nm(cutter?.offsetNm ?? Math.round(usualMm * 1e6)), side: inHand.side };
  return { cutter: cutter?.name ?? USUAL, guide, take };
}

type Props = {
  readonly cutters: readonly Cutter[];
  readonly usualMm: number;
  readonly prefs: Prefs;
  readonly use: ReturnType<typeof useCutter>;
};

/** Which cutter is in hand, and on which side of the score its straightedge lies. */
export function CutterInHand({ cutters, usualMm, prefs, use }: Props) {
  const [adding, setAdding] = useState(false);
  const [wrong, setWrong] = useState("");
  const text = (length: number): string => writeLength(nm(length), prefs.unit, { places: 1, ticks: 32 });
  const add = async (form: FormData) => {
    const read = readTape(String(form.get("offset")), prefs.unit);
    const name = String(form.get("name")).trim();
    if (!read.ok || read.value.exact > 10_000_000)
      return setWrong("Measure from the rule's edge to the score, a few millimetres, and type what the tape shows.");
    const refused = await handOver([entriesBy(prefs.who)("bench.cutter", {}, { name, offsetNm: read.value.exact })]);
    if (refused) return setWrong(refused);
    use.take({ cutter: name });
    location.reload();
  };
  return (
    <section aria-label="How the straightedge is set" className="no-print space-y-2">
      <div className="grid items-end gap-3 sm:grid-cols-[18rem_auto]">
        <PickOne
          name="Cutter in hand"
          of={[
            [USUAL, `any: ${text(usualMm * 1e6)} off, nobody measured it`] as const,
            ...cutters.map((c) => [c.name, `${c.name}: ${text(c.offsetNm)} off`] as const),
            [ANOTHER, "another: measure it"] as const,
          ]}
          value={adding ? ANOTHER : use.cutter}
          change={(to) => {
            setAdding(to === ANOTHER);
            if (to !== ANOTHER) use.take({ cutter: to });
          }}
        />
        <fieldset className="flex flex-wrap gap-2">
          <legend className="text-[13px] text-mute">Straightedge lies</legend>
          {(["datum", "far"] as const).map((side) => (
            <label key={side} className="chip">
              <input
                type="radio"
                name="guide-side"
                checked={use.guide.side === side}
                onChange={() => use.take({ side })}
              />
              {side === "datum" ? "on the datum side" : "on the far side"}
            </label>
          ))}
        </fieldset>
      </div>
      {adding && (
        <form
          className="grid gap-2 rounded border border-line p-3 sm:grid-cols-[1fr_10rem_auto] sm:items-end"
          onSubmit={(e) => {
            e.preventDefault();
            void add(new FormData(e.currentTarget));
          }}
        >
          <p className="text-[14px] sm:col-span-3">
            Lay a rule on scrap, score along it with this cutter, and measure from the rule's edge to the score.
          </p>
          <label>
            <span className="text-[13px] text-mute">Its name</span>
            <input name="name" required maxLength={60} pattern=".*\S.*" placeholder="blue, oil" />
          </label>
          <label>
            <span className="text-[13px] text-mute">Off the rule, {prefs.unit}</span>
            <input name="offset" required className="tight text-right" inputMode="decimal" />
          </label>
          <button type="submit" className="btn">
            Keep it
          </button>
          {wrong && (
            <p className="note-wax sm:col-span-3" role="alert">
              {wrong}
            </p>
          )}
        </form>
      )}
    </section>
  );
}
