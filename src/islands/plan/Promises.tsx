import type { PlanPageData } from "../../core/page/plan-page.ts";
import type { Day } from "../../core/units/day.ts";
import { keptText, keptTone, promisedText, promiseWords } from "../../core/words/promise.ts";

const TONE = { sure: "text-glass", fair: "", poor: "trouble" } as const;

type Props = { readonly promises: PlanPageData["promises"]; readonly today: Day };

/** Days that somebody counts on, and the chance of each: the least likely first, to be told before they ask. */
export function Promises({ promises, today }: Props) {
  if (promises.length === 0) return null;
  return (
    <section aria-label="Promises" className="mt-4">
      <h2 className="text-[15px]">
        Promises{" "}
        <span className="font-normal text-mute">by what their makers' orders took, what cures, and this plan</span>
      </h2>
      <ul className="rows">
        {promises.map((p) => (
          <li
            key={p.pane}
            className="grid grid-cols-[minmax(0,14rem)_12.5rem_6.5rem_minmax(0,1fr)] items-baseline gap-x-3 py-1.5 text-[14px] max-desk:grid-cols-[minmax(0,1fr)_auto]"
          >
            <a className="truncate" href={`/panes/${p.pane}`} title={p.where}>
              {p.where}
            </a>
            <span className="max-desk:order-3">{promisedText(p)}</span>
            <span className={`font-semibold ${TONE[keptTone(p)]}`}>{keptText(p)}</span>
            <span className="text-[13px] text-mute max-desk:order-4 max-desk:col-span-2">{promiseWords(p, today)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
