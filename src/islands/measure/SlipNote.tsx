import { touched } from "../../core/measure/slips.ts";
import { writeNumber } from "../../core/tape/write.ts";
import { slipWords } from "../../core/words/opening.ts";
import { usePane } from "../panels/pane-context.ts";

type Props = { readonly goTo: (place: ReturnType<typeof touched>[number]) => void };

/** Readings that the others contradict: go and read again, take what was meant, or stand by it. */
export function SlipNotes({ goTo }: Props) {
  const { book, reckoning: r, prefs, say, keep, write } = usePane();
  if (r.slips.length === 0) return null;
  return (
    <ul className="space-y-2">
      {r.slips.map((slip) => {
        const places = touched(slip);
        const [other] = places.slice(1);
        const first = book.readings[slip.place];
        return (
          <li key={slip.place} className="note-wax space-y-2" role="alert">
            <p className="font-medium">{say(slipWords(slip, prefs.unit))}</p>
            <div className="flex flex-wrap gap-2">
              <button type="button" className="btn btn-small" onClick={() => goTo(slip.place)}>
                Read it again
              </button>
              {slip.kind !== "misread" && slip.kind !== "widths-for-heights" && first && (
                <button
                  type="button"
                  className="btn btn-small"
                  onClick={() => {
                    const text = writeNumber(slip.meant, first.unit, { places: 1, ticks: 64 });
                    if (other) keep(other, first.text);
                    keep(slip.place, text);
                  }}
                >
                  It was {writeNumber(slip.meant, first.unit, { places: 1, ticks: 64 })}
                </button>
              )}
              <button
                type="button"
                className="btn btn-small"
                onClick={() => {
                  for (const place of places)
                    write("measure.stood-by", { place, text: book.readings[place]?.text ?? "" });
                }}
              >
                I read it again: it is right
              </button>
            </div>
          </li>
        );
      })}
    </ul>
  );
}
