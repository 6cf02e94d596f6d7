import { hingeOf } from "../../core/pane/hangs.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import { hingeWords } from "../../core/words/found.ts";
import { HowItHangs } from "../panels/HowItHangs.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";

/** What is made whole, with its glass in it: its maker knows all but how it hangs, and whether its glass must be safety glass. */
export function InWhole() {
  const { book, reckoning: r, write } = usePane();
  const whole = wholeOf(book);
  if (!whole) return null;
  const hinge = hingeOf(book);
  return (
    <>
      {whole !== "insert" && (
        <Part title="How it hangs" more="it goes on the order">
          {hinge === "not-said" ? (
            <HowItHangs why="Its maker hangs it by this." />
          ) : (
            <p>
              {hingeWords(hinge)}, shut and seen from {book.added.side}.
              {book.added.side === "inside" && " The order says it as it is seen from outside."}{" "}
              <button
                type="button"
                className="underline"
                onClick={() => {
                  if (book.found) write("measure.found", { ...book.found, hinge: "not-said" });
                  if (book.before.exam.opens) write("look.answer", { question: "opens", answer: null });
                }}
              >
                not so
              </button>
            </p>
          )}
        </Part>
      )}
      <Part title={`The glass in the ${whole}`} more="it goes on the order">
        <div className="grid grid-cols-2 gap-2">
          {([true, false] as const).map((safety) => (
            <label key={String(safety)} className="chip">
              <input
                type="radio"
                name="whole-glass"
                checked={book.insertSafe === safety}
                onChange={() => write("specify.insert", { safety })}
              />
              {safety ? "safety glass, marked" : "ordinary glass"}
            </label>
          ))}
        </div>
        {r.unsafe && book.insertSafe === false && (
          <p className="note-wax">Safety glass is called for here: ordinary glass in it holds the order.</p>
        )}
      </Part>
    </>
  );
}
