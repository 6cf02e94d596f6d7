import { useEffect, useState } from "react";
import { type Caution, cautionsAt } from "../../core/look/cautions.ts";
import { hazardsOf } from "../../core/pane/step-facts.ts";
import type { Station } from "../../core/plan/stations.ts";
import { takeUnread } from "./cautions-read.ts";
import { usePane } from "./pane-context.ts";

/** What can hurt at this station: in full the first time, then one line each. Never in the way of the work. */
export function Cautions({ station }: { readonly station: Station }) {
  const { book, reckoning } = usePane();
  const all = cautionsAt(station, hazardsOf(book, reckoning));
  const [fresh, setFresh] = useState<readonly string[]>([]);
  const ids = all.map((c) => c.id).join(" ");
  useEffect(() => setFresh(takeUnread(ids.split(" ").filter(Boolean))), [ids]);
  if (all.length === 0) return null;
  return (
    <section aria-label="What can hurt" className="border-l-4 border-wax pl-3">
      <ul className="space-y-0.5">
        {all.map((c) => (
          <CautionLine key={c.id} caution={c} inFull={fresh.includes(c.id)} />
        ))}
      </ul>
    </section>
  );
}

function CautionLine({ caution, inFull }: { readonly caution: Caution; readonly inFull: boolean }) {
  const { say } = usePane();
  const [open, setOpen] = useState(false);
  useEffect(() => setOpen(inFull), [inFull]);
  return (
    <li>
      <details open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
        <summary className="cursor-pointer py-0.5 font-medium text-wax max-sm:min-h-11">{say(caution.line)}</summary>
        <p className="pb-1.5 text-mute">
          {say(caution.full)} <span className="text-[12px]">Source: {caution.source}.</span>
        </p>
      </details>
    </li>
  );
}
