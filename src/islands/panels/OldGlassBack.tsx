import { beadsOf } from "../../core/pane/step-facts.ts";
import { holdingPair } from "../../core/takeout/held-meanwhile.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import CopyText from "../ui/CopyText.tsx";
import { usePane } from "./pane-context.ts";

/** The old glass closes the hole: which two beads hold it, whether it locks, and the note that says not to open it. */
export function OldGlassBack({ until }: { readonly until: string }) {
  const { book, reckoning: r, say } = usePane();
  const beads = beadsOf(book, r);
  const pair = beads?.kind === "order" ? holdingPair(beads.steps.map((s) => s.side)) : null;
  const note = `Do not open or lean on this until ${sayDay(dayOf(until))}: the glass is only held for now.`;
  return (
    <ul className="list-disc pl-5">
      <li>
        {pair
          ? say(`Two {beads} hold it: ${pair[0]} and ${pair[1]}. The rest wait in their bag, numbered.`)
          : say("Two facing {beads} hold it, or four short lengths of tape and a batten; no {putty}, no sealant.")}
      </li>
      <li>Cracked glass stays taped on both faces.</li>
      <li>
        {book.before.wants?.mustLock
          ? "It must lock at night: latch it now, and try it from outside."
          : "Latch it, so that nobody opens it by habit."}
      </li>
      <li>
        On the sash: “{note}” <CopyText text={note} name="copy the note" />
      </li>
    </ul>
  );
}
