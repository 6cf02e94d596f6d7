import { useEffect, useState } from "react";
import type { Caution } from "../../core/look/cautions.ts";
import { EXPLAINS_FACTS, explainsTo } from "../../core/people/explains.ts";
import { usePane } from "../panels/pane-context.ts";
import { takeUnread } from "./cautions-read.ts";

/** What can hurt at one step: one line each, in full the first time. */
export function StepCautions({ cautions }: { readonly cautions: readonly Caution[] }) {
  const { firm, prefs, say } = usePane();
  const { cautionWhole } = EXPLAINS_FACTS[explainsTo(firm.explains, prefs.who)];
  const [fresh, setFresh] = useState<readonly string[]>([]);
  const ids = cautions.map((c) => c.id).join(" ");
  useEffect(() => setFresh(takeUnread(ids.split(" ").filter(Boolean))), [ids]);
  if (cautions.length === 0) return null;
  return (
    <ul className="my-1 border-l-4 border-wax pl-2 text-[14px]">
      {cautions.map((c) => (
        <li key={c.id}>
          <span className="font-medium text-wax">{say(c.line)}</span>
          {(cautionWhole || fresh.includes(c.id)) && (
            <span className="block text-[13px] text-mute max-sm:hidden">{say(c.full)}</span>
          )}
        </li>
      ))}
    </ul>
  );
}
