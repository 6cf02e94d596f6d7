import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";

/** What a round is for, in the order in which it happens. */
const COMES = [
  [
    "Add each {pane}",
    "Its address and which opening it is. How the glass is held, if you know: otherwise Look asks at the sash.",
  ],
  [
    "Look at it, and read it",
    "On the phone, with or without a signal. Size, glass, steps and price follow from what is read.",
  ],
  [
    "Order, set, sign off",
    "Here stands what each {pane} wants next, what presses before what can wait, and what waits for what.",
  ],
] as const;

/** A round without a pane: what to do first, and what comes of it. */
export const EmptyRound = ({ round, prefs }: { readonly round: string; readonly prefs: Prefs }) => (
  <section className="mx-auto max-w-2xl space-y-5 px-4 py-8 desk:py-12">
    <h2 className="!text-[24px]">{say("No {panes} on this round yet", prefs.dialect)}</h2>
    <ol className="space-y-4">
      {COMES.map(([does, says], i) => (
        <li key={does} className="grid grid-cols-[2.2rem_1fr] gap-x-3">
          <span
            aria-hidden="true"
            className="tight row-span-2 grid size-8 place-items-center rounded-full bg-tape font-bold text-[#22200f]"
          >
            {i + 1}
          </span>
          <span className="text-[17px] font-semibold">{say(does, prefs.dialect)}</span>
          <span className="text-mute">{say(says, prefs.dialect)}</span>
        </li>
      ))}
    </ol>
    <p className="flex flex-wrap gap-2 pt-1">
      <a className="btn btn-main" href={`/panes/new?round=${round}`}>
        {say("Add the first {pane}", prefs.dialect)}
      </a>
      <a className="btn" href={`/rounds/${round}/openings`}>
        Many at once, from a table
      </a>
    </p>
  </section>
);
