import { facePutty } from "../../core/frame/held.ts";
import { hasBeads, stepFacts } from "../../core/pane/step-facts.ts";
import { JAMMED_SCREW, LOCK_OUT } from "../../core/takeout/lock-out.ts";
import { PUTTY_WAYS, seamTools } from "../../core/takeout/seam-tools.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

/** What opens the seam, or shifts the putty, of this frame: ways side by side, each with why. */
export function Ways() {
  const { book, reckoning: r, say } = usePane();
  const f = stepFacts(book, r);
  const putty = facePutty(f);
  return (
    <>
      {hasBeads(book) && (
        <Fold title="What opens the seam" more="without a scar">
          <ul className="rows">
            {seamTools(f).map((t) => (
              <li key={t.tool} className="py-2">
                <strong className="font-semibold">{t.tool}</strong>, {say(t.blade)}. {say(t.why)}
                <span className="block text-[13px] text-mute">{say(t.minds)}</span>
              </li>
            ))}
          </ul>
          <p className="text-[13px] text-mute">Source: trade practice.</p>
        </Fold>
      )}
      {putty && (
        <Fold title={say("What shifts the {putty}")} more="the gentlest that works">
          <ul className="rows">
            {PUTTY_WAYS.filter((w) => f.detail.old === "hard" || w.for !== "hard").map((w) => (
              <li key={w.way} className="py-2">
                <strong className="font-semibold">{w.way}</strong>. {say(w.why)}
              </li>
            ))}
          </ul>
          <p className="text-[13px] text-mute">Source: trade practice.</p>
        </Fold>
      )}
      <Fold title="A screw that will not turn" more="the gentlest first">
        <ol className="list-decimal pl-5">
          {JAMMED_SCREW.map((l) => (
            <li key={l}>{l}</li>
          ))}
        </ol>
      </Fold>
      <Fold title="Locked out?" more={say("before any {pane} is broken")}>
        <ol className="list-decimal pl-5">
          {LOCK_OUT.map((l) => (
            <li key={l}>{say(l)}</li>
          ))}
        </ol>
      </Fold>
    </>
  );
}
