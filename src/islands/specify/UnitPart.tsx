import { stacksOf } from "../../core/pane/candidates.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { makeupHeat, makeupText, SPACERS } from "../../core/specify/makeup.ts";
import { stackText } from "../../core/words/opening.ts";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";

/** A sealed unit: what was there, and what of the one chosen is still to be said. The choice itself stands on the stage. */
export function UnitPart() {
  const { book, reckoning: r, say, write } = usePane();
  if (!isUnit(book)) return null;
  const stacks = stacksOf(r);
  const chosen = book.makeup;
  return (
    <>
      <Part title="What was there" more="from its thickness and what was seen">
        <p className="note-glass">
          {stacks.length > 0
            ? `Likeliest ${stackText(stacks[0] as NonNullable<(typeof stacks)[0]>)}${stacks.length > 1 ? `; or ${stacks.slice(1, 3).map(stackText).join(", ")}` : ""}. Gas that was in it is gone once it is broken or misted.`
            : "Its thickness is not read: 4-16-4 is taken until it is."}{" "}
          {book.coating?.coated === "yes"
            ? `Coated${book.coating.face ? ` on ${book.coating.face}` : ""}.`
            : book.coating?.coated === "no"
              ? "Not coated."
              : ""}
        </p>
      </Part>
      <Part title="What should be there">
        {!chosen && <p>Choose one of the columns: what could stand here is worked out from this opening.</p>}
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
