import { useState } from "react";
import type { Compound } from "../../core/bed/compound.ts";
import { compoundInText } from "../../core/bed/compounds.ts";
import { runsInSun } from "../../core/bed/sun.ts";
import { frameOf } from "../../core/frame/systems.ts";
import { bedIsAsked, mayTouch } from "../../core/pane/bed-here.ts";
import type { Template } from "../../core/text/template.ts";
import { bedSentence } from "../../core/words/bed.ts";
import { Part } from "./Part.tsx";
import { usePane } from "./pane-context.ts";

type Props = {
  /** As a part of its own where it is asked first, or as one line where it is already known. */
  readonly as: "part" | "line";
};

/** What is known already takes a line of its own, and on a phone no more than that: the step is what is read there. */
const KNOWN =
  "note-glass max-sm:order-last max-sm:border-0 max-sm:bg-transparent max-sm:p-0 max-sm:text-[14px] max-sm:leading-snug";

/** What the pane is set in: asked before anything is primed, taped or packed for it, and changed where it stands. */
export function BedChoice({ as }: Props) {
  const { book, reckoning: r, say, write } = usePane();
  const [open, setOpen] = useState(false);
  if (book.set || book.before.opens === false) return null;
  const asked = bedIsAsked(r.bedFrom, r.compound);
  const yes = (
    <p className="flex flex-wrap items-center gap-2 max-sm:grid max-sm:grid-cols-2">
      {asked && (
        <button
          type="button"
          className="btn btn-main"
          onClick={() => write("specify.bed", { compound: r.compound.id })}
        >
          {say(`In ${compoundInText(r.compound)}`)}
        </button>
      )}
      <button type="button" className="btn" aria-expanded={open} onClick={() => setOpen(!open)}>
        {asked ? "In something else" : "Change"}
      </button>
    </p>
  );
  const says = (
    <p>
      {say(bedSentence(r.bedFrom, r.compound, frameOf(book.added.system)))}
      {(as === "part" || !asked) && (
        <span className={`text-mute ${as === "line" ? "max-sm:hidden" : ""}`}> {say(r.compound.needs)}</span>
      )}
    </p>
  );
  const list = open && <BedList onTaken={() => setOpen(false)} />;
  if (as === "part")
    return (
      <Part title="What it is set in" more="steps, kit, waits and paint follow from it">
        {says}
        {yes}
        {list}
      </Part>
    );
  return (
    <div className={`space-y-2 ${asked ? "note-wax" : KNOWN}`} id="bed">
      {asked ? (
        <>
          {says}
          {yes}
        </>
      ) : (
        <div className="flex items-start justify-between gap-3 max-sm:items-center">
          {says}
          <button type="button" className="btn btn-small shrink-0" aria-expanded={open} onClick={() => setOpen(!open)}>
            Change
          </button>
        </div>
      )}
      {list}
    </div>
  );
}

type Judged = { readonly c: Compound; readonly no: boolean; readonly because: readonly Template[] };

/** The firm's list, what may not touch this pane last and with its reason. */
function BedList({ onTaken }: { readonly onTaken: () => void }) {
  const { book, reckoning: r, firm, say, write } = usePane();
  const [against, setAgainst] = useState<Compound | null>(null);
  const judged = firm.compounds.map((c): Judged => {
    const touch = mayTouch(c, book, r.glass);
    const runs = runsInSun(c, book.sun?.darkFrame ?? false);
    return {
      c,
      no: touch.says === "no" || runs !== null,
      because: [...(touch.says === "yes" ? [] : touch.because), ...(runs ? [runs] : [])],
    };
  });
  const take = (c: Compound) => {
    write("specify.bed", { compound: c.id });
    onTaken();
  };
  return (
    <ul className="rows" aria-label="What it may be set in">
      {[...judged.filter((j) => !j.no), ...judged.filter((j) => j.no)].map(({ c, no, because }) => (
        <li key={c.id} className="grid grid-cols-[1fr_auto] items-start gap-x-3 py-2">
          <span>
            <strong className="font-semibold">{say(c.name)}</strong>
            {c.approved && <span className="text-mute"> Approved by the maker of {c.approved}.</span>}
            {because.length > 0 && (
              <span className={`block text-[13px] ${no ? "trouble" : "text-mute"}`}>
                {no ? "Not here: " : "With care: "}
                {say(because.join(" "))}
              </span>
            )}
          </span>
          {c.id === r.compound.id && r.bedFrom === "chosen" ? (
            <span className="text-mute">chosen</span>
          ) : (
            <button type="button" className="btn btn-small" onClick={() => (no ? setAgainst(c) : take(c))}>
              Take<span className="sr-only"> {say(c.name)}</span>
            </button>
          )}
          {against?.id === c.id && (
            <form
              className="col-span-2 flex gap-2 pt-2"
              onSubmit={(e) => {
                e.preventDefault();
                const why = String(new FormData(e.currentTarget).get("why") ?? "").trim();
                write("note.written", {
                  station: "specify",
                  text: say(`To be set in ${c.name} all the same: ${why}`),
                });
                take(c);
              }}
            >
              <label className="grow">
                <span className="trouble">Take another, or say why it is this one all the same.</span>
                <input name="why" required maxLength={200} pattern=".*\S.*" />
              </label>
              <button type="submit" className="btn self-end">
                Take it
              </button>
            </form>
          )}
        </li>
      ))}
    </ul>
  );
}
