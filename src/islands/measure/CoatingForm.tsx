import { COATED, COATING_WAYS, type Coating, type CoatingWay } from "../../core/measure/found.ts";
import { coatingText } from "../../core/words/found.ts";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";
import type { Picks } from "../ui/picks.ts";

/** The faces of a unit, counted from outside. */
const FACES: Picks<string> = [["", "not said"], ...[1, 2, 3, 4].map((f) => [String(f), String(f)] as const)];

/** Whether the glass is coated, by three ways of looking. */
export function CoatingForm() {
  const { book, say, write } = usePane();
  const coating: Coating = book.coating ?? { coated: "unsure", face: null, how: "" };
  const change = (to: Partial<Coating>) => write("measure.coating", { ...coating, ...to });
  return (
    <section className="space-y-2">
      <p className="text-[13px]">Is the glass coated? Look one of these ways:</p>
      <ul className="space-y-1.5 text-[13px]">
        {COATING_WAYS.map((w) => (
          <li key={w.way} className="grid grid-cols-[76px_1fr] items-center gap-3">
            <WayDrawing way={w.way} />
            <span>{w.says}</span>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-1.5">
        {COATED.map((coated) => (
          <label key={coated} className="chip">
            <input
              type="radio"
              name="coated"
              checked={book.coating?.coated === coated}
              onChange={() => change({ coated, face: coated === "yes" ? coating.face : null })}
            />
            {coated === "yes" ? "coated" : coated === "no" ? "not coated" : "unsure"}
          </label>
        ))}
        {coating.coated === "yes" && book.coating && (
          <PickOne
            name="face, counted from outside"
            inline
            of={FACES}
            value={coating.face === null ? "" : String(coating.face)}
            change={(face) => change({ face: face === "" ? null : Number(face) })}
            className="text-[13px]"
          />
        )}
      </div>
      {book.coating && (
        <p className={book.coating.coated === "unsure" ? "note-wax" : "note-glass"}>{say(coatingText(book.coating))}</p>
      )}
    </section>
  );
}

/** What one sees, looking that way: the coated face in another ink. */
function WayDrawing({ way }: { readonly way: CoatingWay }) {
  return (
    <svg viewBox="0 0 76 44" className="bg-sheet" aria-hidden="true">
      {way === "reflections" && (
        <>
          <path d="M26 4V40M30 4V40M46 4V40M50 4V40" className="d-line" />
          <path d="M8 22q-3 -6 0 -11q4 5 3 8q0 3 -3 3z" className="d-packer" />
          {[22, 34, 42, 54].map((x, i) => (
            <path key={x} d={`M${x} 28q-2 -4 0 -8q3 4 2 6q0 2 -2 2z`} className={i === 1 ? "d-ease" : "d-face"} />
          ))}
          <path d="M14 18H62" className="d-line" strokeDasharray="2 3" opacity={0.5} />
        </>
      )}
      {way === "neighbour" && (
        <>
          <path d="M18 3H58V41H18z" className="d-frame" />
          <path d="M22 6H54V20H22z" className="d-face" />
          <path d="M22 24H54V38H22z" className="d-pane" />
          <path d="M26 35L34 26M40 35L48 26" className="d-line" opacity={0.5} />
        </>
      )}
      {way === "paper" && (
        <>
          <path d="M10 6H66V38H10z" className="d-frame" />
          <path d="M38 6H66V38H38z" className="d-pane" />
          <path d="M16 11H60V33H16z" className="d-face" opacity={0.7} />
          <path d="M38 4V40" className="d-line" />
        </>
      )}
    </svg>
  );
}
