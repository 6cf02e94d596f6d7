import { useState } from "react";
import { optionsFacts } from "../../core/pane/options-facts.ts";
import { CLEANER_FACTS, CLEANERS, type Cleaner, cleanerFault, RESULTS } from "../../core/refurbish/cleaners.ts";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";

/** What the inner faces were cleaned with, and what it left, seen in slanting light. */
export function Cleaned() {
  const { book, reckoning: r, write } = usePane();
  const coated = optionsFacts(book, r).coated === true;
  const [cleaner, setCleaner] = useState<Cleaner>("glass-cleaner");
  const done = book.before.refurbish.cleaned;
  const fault = cleanerFault(cleaner, coated);
  const last = done.at(-1);
  return (
    <section className="space-y-1" aria-label="Cleaning log">
      {done.length > 0 && (
        <p className={last?.result === "clear" ? "note-glass" : "text-[14px]"}>
          {done.map((d) => `${CLEANER_FACTS[d.cleaner].name}: ${d.result}`).join("; ")}
          {last?.result !== "clear" && ". Again, with another, until slanting light shows nothing."}
        </p>
      )}
      <PickOne
        name="Cleaned with"
        of={CLEANERS.map((c) => [c, CLEANER_FACTS[c].name] as const)}
        value={cleaner}
        change={setCleaner}
        className="block"
      />
      <p className="text-[13px] text-mute">{CLEANER_FACTS[cleaner].why}</p>
      {fault && <p className="trouble">{fault}</p>}
      <div className="flex flex-wrap gap-2">
        {RESULTS.map((result) => (
          <button
            key={result}
            type="button"
            className="btn btn-small"
            onClick={() => write("refurbish.cleaned", { cleaner, result })}
          >
            left {result === "clear" ? "nothing" : result === "film" ? "a film" : result}
          </button>
        ))}
      </div>
    </section>
  );
}
