import { whySize } from "../../core/words/why.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Said } from "../panels/Said.tsx";

/** The sums behind the size, each with its numbers, its rule and where the rule is from. */
export function Why() {
  const { reckoning: r } = usePane();
  return r.cut.ok ? (
    <Fold as="small" title="Why this size: the sums">
      <Sums />
    </Fold>
  ) : null;
}

function Sums() {
  const { reckoning: r, prefs, firm } = usePane();
  return (
    <dl className="space-y-2 text-[13px]">
      {whySize(r, prefs.unit, firm.house.leastGapMm).map((s) => (
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
  );
}
