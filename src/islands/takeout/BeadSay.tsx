import type { Side } from "../../core/geometry/quad.ts";
import { beadsOf } from "../../core/pane/step-facts.ts";
import { BEAD_SCHOOL_FACTS, BEAD_SCHOOLS, type BeadSchool, CORNERS } from "../../core/takeout/beads.ts";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";

/** What the corners come to: the order out with its reasons, or why there is none. The corners themselves are tapped on the drawing. */
export function BeadSay() {
  const { book, reckoning: r, say, write } = usePane();
  const now = book.before.joints ?? { joints: {}, school: "longest" as BeadSchool };
  const order = beadsOf(book, r);
  return (
    <div className="space-y-2">
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-small"
          onClick={() =>
            write("takeout.joints", {
              ...now,
              joints: Object.fromEntries(CORNERS.map((c) => [c, { kind: "mitred" as const }])),
            })
          }
        >
          All mitred
        </button>
        <PickOne
          name="where it is open"
          inline
          of={BEAD_SCHOOLS.map((s) => [s, BEAD_SCHOOL_FACTS[s].name] as const)}
          value={now.school}
          change={(school) => write("takeout.joints", { ...now, school })}
          className="text-[13px]"
        />
      </div>
      {order?.kind === "impossible" ? (
        <p className="note-wax" role="alert">
          These corners cannot all be so: {order.corners.map((c) => c.replace("-", " ")).join(", ")}. Each{" "}
          {say("{bead}")} would wait for the next, all the way round. Look at one of them again.
        </p>
      ) : order ? (
        <ol className="note-glass list-decimal pl-8 text-[14px]">
          {order.steps.map((s) => (
            <li key={s.side}>
              <strong className="font-semibold">{s.side}</strong>, knife{" "}
              {s.start === "middle" ? "in the middle" : `at its ${s.start} end`}: {s.why}
              {s.side === order.last && " – it holds the glass till then"}
            </li>
          ))}
          {order.unmarked.length > 0 && (
            <li className="list-none text-[13px] text-mute">
              Not said: {order.unmarked.map((c) => c.replace("-", " ")).join(", ")}
            </li>
          )}
        </ol>
      ) : null}
    </div>
  );
}

/** Whether one bead came off whole: what follows from a broken one stands among the steps. */
export function OffWhole({ side }: { readonly side: Side }) {
  const { book, say, write } = usePane();
  const { broken } = book.before;
  const isBroken = broken.includes(side);
  const set = (to: boolean) => {
    if (to !== isBroken) write("takeout.broken", { beads: to ? [...broken, side] : broken.filter((b) => b !== side) });
  };
  return (
    <fieldset className="grid grid-cols-2 gap-2">
      <legend className="text-[13px] text-mute">{say("Did this {bead} come off whole?")}</legend>
      <label className="chip justify-center">
        <input type="radio" name={`whole-${side}`} checked={!isBroken} onChange={() => set(false)} />
        whole
      </label>
      <label className="chip justify-center">
        <input type="radio" name={`whole-${side}`} checked={isBroken} onChange={() => set(true)} />
        it broke
      </label>
    </fieldset>
  );
}
