import { useEffect, useState } from "react";
import { type Caution, cautionsAt } from "../../core/look/cautions.ts";
import { hazardsOf } from "../../core/pane/step-facts.ts";
import { EXPLAINS_FACTS, explainsTo } from "../../core/people/explains.ts";
import type { Station } from "../../core/plan/stations.ts";
import { usePane } from "../panels/pane-context.ts";
import { takeUnread } from "./cautions-read.ts";

/** So many in full on one visit: more is a wall that nobody reads. The others follow on the next. */
const MOST_IN_FULL = 2;

/** What can hurt at this station: in full the first time, worst first, then one line each. Never in the way of the work. */
export function Cautions({ station }: { readonly station: Station }) {
  const { book, firm, prefs, reckoning } = usePane();
  const { cautionWhole } = EXPLAINS_FACTS[explainsTo(firm.explains, prefs.who)];
  const all = cautionsAt(station, hazardsOf(book, reckoning, station));
  const [fresh, setFresh] = useState<readonly string[]>([]);
  const ids = all.map((c) => c.id).join(" ");
  useEffect(() => setFresh(takeUnread(ids.split(" ").filter(Boolean), MOST_IN_FULL)), [ids]);
  if (all.length === 0) return null;
  return (
    <section aria-label="What can hurt" className="border-l-4 border-wax pl-3">
      <ul className="space-y-0.5">
        {all.map((c) => (
          <CautionLine key={c.id} caution={c} inFull={cautionWhole || fresh.includes(c.id)} />
        ))}
      </ul>
    </section>
  );
}

function CautionLine({ caution, inFull }: { readonly caution: Caution; readonly inFull: boolean }) {
  const { say } = usePane();
  const [open, setOpen] = useState(false);
  // On a phone it is one line: in full it would stand in front of the work.
  useEffect(() => setOpen(inFull && window.matchMedia("(min-width: 641px)").matches), [inFull]);
  return (
    <li>
      <details open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
        <summary className="cursor-pointer py-0.5 text-[15px] font-medium leading-snug text-wax max-sm:min-h-11">
          {say(caution.line)}
        </summary>
        <p className="pb-1 text-[13px] leading-snug text-mute">
          {say(caution.full)} <span className="text-[12px]">Source: {caution.source}.</span>
        </p>
      </details>
    </li>
  );
}
