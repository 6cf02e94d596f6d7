import { thicknessFrom } from "../../core/measure/thickness.ts";
import { thickerText } from "../../core/pane/before-order.ts";
import { makeupOfStack, stackChosen, stacksOf, thickerThanRead } from "../../core/pane/candidates.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { makeupHeat, makeupText, NO_SPACER, SPACERS } from "../../core/specify/makeup.ts";
import type { Stack } from "../../core/specify/stack.ts";
import { toMm } from "../../core/units/length.ts";
import { stackText } from "../../core/words/opening.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { useStage } from "../stage/stage-context.ts";

const MOST_SHOWN = 3;
const SKETCH = { width: 60, height: 24 };

/** The sheets and the spacer of a stack to scale, the outside at the left. */
function StackSketch({ stack }: { readonly stack: Stack }) {
  const parts = stack.panes.flatMap((p, i) => {
    const spacer = stack.spacers[i];
    return [{ mm: toMm(p), isPane: true }, ...(spacer === undefined ? [] : [{ mm: toMm(spacer), isPane: false }])];
  });
  const scale = SKETCH.width / Math.max(...[36, parts.reduce((sum, p) => sum + p.mm, 0)]);
  let x = (SKETCH.width - parts.reduce((sum, p) => sum + p.mm, 0) * scale) / 2;
  return (
    <svg
      viewBox={`0 0 ${SKETCH.width} ${SKETCH.height}`}
      width={SKETCH.width}
      height={SKETCH.height}
      aria-hidden="true"
    >
      {parts.map((p) => {
        const at = x;
        x += p.mm * scale;
        return p.isPane ? (
          <rect key={at} x={at} y={1} width={p.mm * scale} height={SKETCH.height - 2} className="d-pane" />
        ) : (
          <rect key={at} x={at} y={SKETCH.height - 8} width={p.mm * scale} height={7} className="d-spacer" />
        );
      })}
    </svg>
  );
}

/** A sealed unit: what was there, and what of the one chosen is still to be said. The choice itself stands on the stage. */
export function UnitPart() {
  const { book, reckoning: r, say, write } = usePane();
  const { openTab } = useStage();
  if (!isUnit(book)) return null;
  const stacks = stacksOf(r);
  const known = thicknessFrom(r.readings);
  const off = thickerText(thickerThanRead(book, r));
  const chosen = book.makeup;
  return (
    <>
      <Part
        title="What was there"
        more={stacks.length > 0 ? "tap the one it is, the likeliest first" : "from its thickness"}
      >
        {stacks.length > 0 && (
          <ul className="flex flex-wrap gap-2" aria-label="What its thickness can be, the likeliest first">
            {stacks.slice(0, MOST_SHOWN).map((s) => {
              const is = s === stackChosen(chosen, stacks);
              return (
                <li key={stackText(s)}>
                  <button
                    type="button"
                    className={`btn flex-col gap-0.5 px-2 py-1 ${is ? "btn-on" : ""}`}
                    aria-pressed={is}
                    onClick={() =>
                      write("specify.makeup", {
                        makeup: makeupOfStack(s, chosen, r.safety?.kind === "needed" ? "toughened" : "float"),
                      })
                    }
                  >
                    <StackSketch stack={s} />
                    <span className="tight text-[13px]">{stackText(s)}</span>
                  </button>
                </li>
              );
            })}
          </ul>
        )}
        {off && <p className="note-wax">{say(off)}</p>}
        {(known.overall === null || known.by === "caliper") && (
          <div className="max-w-44">
            <ReadingField place="unit-thickness" label="how thick it is, overall" />
          </div>
        )}
        <ReadingTrouble places={["unit-thickness"]} />
        <p className="text-[13px] text-mute">
          {stacks.length > 0
            ? "Gas that was in it is gone once it is broken or misted."
            : known.overall === null
              ? "Its thickness is not read: 4-16-4 is taken until it is."
              : "No unit that is made is as thick as that: read it again, or choose one of the columns."}{" "}
          {book.coating?.coated === "yes"
            ? `Coated${book.coating.face ? ` on ${book.coating.face}` : ""}.`
            : book.coating?.coated === "no"
              ? "Not coated."
              : ""}
        </p>
      </Part>
      <Part title="What should be there">
        {!chosen &&
          (r.cut.ok ? (
            <button type="button" className="btn w-full" onClick={() => openTab("units")}>
              Choose: what could stand here is worked out
            </button>
          ) : (
            <p>What could stand here is worked out once width and height are read.</p>
          ))}
        {chosen && (
          <div className="space-y-2">
            <p className="text-[14px] font-medium">
              {say(makeupText(chosen))}: <span className="tight">{makeupHeat(chosen).toFixed(1)}</span> W/m²K
            </p>
            <div className="grid grid-cols-2 gap-2">
              <label>
                <span className="text-[13px] text-mute">Spacer, as its neighbours</span>
                <select
                  value={chosen.spacer}
                  onChange={(e) => write("specify.makeup", { makeup: { ...chosen, spacer: e.target.value } })}
                >
                  {chosen.spacer === NO_SPACER && (
                    <option value={NO_SPACER} disabled>
                      look at them, and say
                    </option>
                  )}
                  {SPACERS.map((s) => (
                    <option key={s}>{s}</option>
                  ))}
                </select>
              </label>
              {chosen.coatings.length === 1 && (
                <label>
                  <span className="text-[13px] text-mute">Coated face, from outside</span>
                  <select
                    value={chosen.coatings[0]?.face}
                    onChange={(e) =>
                      write("specify.makeup", {
                        makeup: {
                          ...chosen,
                          coatings: chosen.coatings.map((c) => ({ ...c, face: Number(e.target.value) })),
                        },
                      })
                    }
                  >
                    <option value={2}>2, on the outer sheet: less sun in</option>
                    <option value={3}>3, on the inner sheet: more sun in</option>
                  </select>
                </label>
              )}
            </div>
          </div>
        )}
      </Part>
    </>
  );
}
