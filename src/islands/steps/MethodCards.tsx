import type { Method } from "../../core/steps/method.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { CountDown } from "./CountDown.tsx";

type Props = { readonly title: string; readonly more: string; readonly methods: readonly Method[] };

/** Cards on small skills, with the schools and, for what sets, its time. */
export function MethodCards({ title, more, methods }: Props) {
  const { say } = usePane();
  if (methods.length === 0) return null;
  return (
    <Fold title={title} more={more}>
      {methods.map((m) => (
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
