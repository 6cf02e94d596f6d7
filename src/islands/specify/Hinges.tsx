import { useState } from "react";
import { hingeOf } from "../../core/pane/hangs.ts";
import { hingeLoad } from "../../core/specify/hinges.ts";
import { readTape } from "../../core/tape/read.ts";
import { writeNumber } from "../../core/tape/write.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { massText } from "../../core/words/mass.ts";
import { usePane } from "../panels/pane-context.ts";
import { MassField } from "./MassField.tsx";

const MOST_APART_MM = 5000;
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
  const [bad, setBad] = useState(false);
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
  return (
    <div className="space-y-1">
      <div className="grid grid-cols-3 items-end gap-2">
        <MassField
          name={timberKg === null ? "sash weighs" : "sash"}
          beside={timberKg === null ? "" : `; by its timber ${massText(timberKg, prefs.unit)}`}
          kg={now.sashKg}
          change={(sashKg) => write("specify.hinges", { ...now, sashKg })}
        />
        <MassField
          name={side ? "hinges rated" : "stays rated"}
          kg={now.ratedKg}
          change={(ratedKg) => write("specify.hinges", { ...now, ratedKg })}
        />
        {side && (
          <label>
            <span className="text-[13px] text-mute">hinges apart, {prefs.unit}</span>
            <input
              className={`tight ${bad ? "bad" : ""}`}
              maxLength={60}
              key={`${now.apartMm} ${prefs.unit}`}
              defaultValue={now.apartMm === null ? "" : writeNumber(mm(now.apartMm), prefs.unit, { ticks: 32 })}
              onBlur={(e) => {
                if (e.target.value === e.target.defaultValue) return;
                const read = readTape(e.target.value, prefs.unit);
                setBad(!read.ok || read.value.adjusted <= 0 || toMm(read.value.adjusted) > MOST_APART_MM);
                if (read.ok && read.value.adjusted > 0 && toMm(read.value.adjusted) <= MOST_APART_MM)
                  write("specify.hinges", { ...now, apartMm: toMm(read.value.adjusted) });
              }}
            />
          </label>
        )}
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
