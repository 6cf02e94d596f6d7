import { hingeOf } from "../../core/pane/hangs.ts";
import { hingeLoad } from "../../core/specify/hinges.ts";
import { toMm } from "../../core/units/length.ts";
import { massText } from "../../core/words/mass.ts";
import { usePane } from "../panels/pane-context.ts";

const NOTHING = { sashKg: null, ratedKg: null, apartMm: null } as const;

/** What hinges or stays carry before and after, against what they are rated for. */
export function Hinges({
  oldGlassKg,
  timberKg,
}: {
  readonly oldGlassKg: number | null;
  readonly timberKg: number | null;
}) {
  const { book, reckoning: r, prefs, write } = usePane();
  const now = book.hinges ?? NOTHING;
  const hinge = hingeOf(book);
  const side = hinge === "left" || hinge === "right";
  const sashKg = now.sashKg ?? timberKg;
  const load =
    sashKg !== null && oldGlassKg !== null && r.massKg !== null && r.cut.ok
      ? hingeLoad({
          sashKg,
          oldGlassKg,
          newGlassKg: r.massKg,
          widthMm: toMm(r.cut.value.governs.width.length),
          apartMm: side ? now.apartMm : null,
          ratedKg: now.ratedKg,
        })
      : null;
  const field = (key: keyof typeof NOTHING, name: string) => (
    <label>
      <span className="text-[13px] text-mute">{name}</span>
      <input
        type="number"
        step="any"
        min={0.1}
        max={key === "apartMm" ? 5000 : 500}
        className="tight"
        key={now[key]}
        defaultValue={now[key] ?? ""}
        onBlur={(e) => {
          const to = e.target.valueAsNumber;
          if (Number.isFinite(to) && to > 0 && to !== now[key]) write("specify.hinges", { ...now, [key]: to });
        }}
      />
    </label>
  );
  return (
    <div className="space-y-1">
      <div className="grid grid-cols-3 items-end gap-2">
        {field("sashKg", timberKg === null ? "sash weighs, kg" : `sash, kg; by its timber ${timberKg.toFixed(1)}`)}
        {field("ratedKg", side ? "hinges rated, kg" : "stays rated, kg")}
        {side && field("apartMm", "hinges apart, mm")}
      </div>
      {load && (
        <p className={load.holds === false ? "note-wax" : "note-glass"}>
          The sash goes from {massText(load.beforeKg, prefs.unit)} to {massText(load.afterKg, prefs.unit)}
          {load.pullN &&
            `; its top hinge is pulled with ${load.pullN.after.toFixed(0)} N, ${load.pullN.before.toFixed(0)} before`}
          .{" "}
          {load.holds === null
            ? "Read what the hinges or stays are rated for: it is stamped on them."
            : load.holds
              ? "They are rated for it."
              : "More than they are rated for: change them, or take thinner glass."}
        </p>
      )}
    </div>
  );
}
