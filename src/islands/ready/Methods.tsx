import { METHODS } from "../../core/ready/methods.ts";
import { CountDown } from "../parts/CountDown.tsx";
import { Fold } from "../parts/Fold.tsx";
import { usePane } from "../parts/pane-context.ts";

/** Cards on the small skills, with the schools and, for what sets, its time. */
export function Methods() {
  const { say } = usePane();
  return (
    <Fold title="How it is done" more="cleaning, mixing, masking">
      {METHODS.map((m) => (
        <section key={m.id} className="space-y-1 py-1">
          <h3 className="font-semibold">{say(m.name)}</h3>
          <ul className="list-disc pl-5">
            {m.steps.map((s) => (
              <li key={s}>{say(s)}</li>
            ))}
          </ul>
          {m.schools.length > 0 && (
            <p className="text-[13px] text-mute">
              Some: {m.schools.map((s) => `${say(s.way)} (${say(s.why)})`).join("; others: ")}.
            </p>
          )}
          {m.workMinutes !== undefined && <CountDown minutes={m.workMinutes} what="it can be worked" />}
        </section>
      ))}
    </Fold>
  );
}
