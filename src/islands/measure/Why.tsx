import { whySize } from "../../core/words/why.ts";
import { usePane } from "../parts/pane-context.ts";
import { Said } from "../parts/Said.tsx";

/** The sums behind the size, each with its numbers, its rule and where the rule is from. */
export function Why() {
  const { reckoning: r, prefs } = usePane();
  const sums = whySize(r, prefs.unit);
  if (sums.length === 0) return null;
  return (
    <details>
      <summary className="cursor-pointer text-[13px] underline">Why this size: the sums</summary>
      <dl className="space-y-2 pt-2 text-[13px]">
        {sums.map((s) => (
          <div key={s.of}>
            <dt className="font-semibold">
              <Said>{s.of}</Said>
            </dt>
            <dd>
              <p className="tight">
                <Said>{s.sum}</Said>
              </p>
              <p className="text-mute">
                <Said>{`${s.rule}. Source: ${s.source}.`}</Said>
              </p>
            </dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
