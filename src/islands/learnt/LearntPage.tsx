import { useState } from "react";
import type { LearntPageData } from "../../core/page/learnt-page.ts";
import { plural } from "../../core/text/counted.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { guarded } from "../ui/Guarded.tsx";
import { usePrefs } from "../ui/prefs.ts";
import { FigureLine } from "./FigureLine.tsx";
import { Remakes } from "./Remakes.tsx";
import { StepTimes } from "./StepTimes.tsx";
import { SupplierCards } from "./SupplierCards.tsx";

type Props = { readonly data: LearntPageData; readonly prefs: Prefs; readonly currency: string };

const TABS = ["Own figures", "Minutes", "Suppliers", "What came back"] as const;
type Tab = (typeof TABS)[number];

/** What the firm's own panes say: of its tapes and cutters, of its suppliers, and of what came back. */
function LearntPage({ data, prefs: initial, currency }: Props) {
  const prefs = usePrefs(initial);
  const [tab, setTab] = useState<Tab>("Own figures");
  return (
    <div className="mx-auto max-w-4xl px-4 py-4">
      <h1>What your own panes say</h1>
      <div role="tablist" aria-label="What your own panes say" className="mt-2 flex gap-1 border-b border-line">
        {TABS.map((t) => (
          <button
            key={t}
            type="button"
            role="tab"
            aria-selected={t === tab}
            className={`min-h-11 px-3 ${t === tab ? "border-b-[3px] border-glass font-semibold" : "text-mute"}`}
            onClick={() => setTab(t)}
          >
            {t}
          </button>
        ))}
      </div>
      <div className="pt-4">
        {tab === "Own figures" && <Figures data={data} prefs={prefs} />}
        {tab === "Minutes" && <StepTimes times={data.times} prefs={prefs} inUse={data.timesInUse} />}
        {tab === "Suppliers" && <SupplierCards cards={data.suppliers} senders={data.senders} prefs={prefs} />}
        {tab === "What came back" && <Remakes data={data} prefs={prefs} currency={currency} />}
      </div>
    </div>
  );
}

function Figures({ data, prefs }: Omit<Props, "currency">) {
  const seen = data.figures.filter((f) => f.from.seen > 0);
  const unseen = data.figures.length - seen.length;
  return (
    <div className="space-y-5">
      <p className="max-w-[42rem] text-mute">
        A figure of your own stands beside the house's word once enough was seen, older things counting less. What lies
        far out is named and not counted. Nothing changes until somebody takes it on.
      </p>
      {seen.length === 0 ? (
        <p className="note-glass max-w-[42rem]">
          Nothing was seen yet. Check panes in with the tape, read some openings a second time, and say under Set how a
          pane went in: from then on this page has something to say.
        </p>
      ) : (
        <ul className="divide-y divide-line border-y border-line">
          {seen.map((f) => (
            <FigureLine key={f.id} figure={f} prefs={prefs} />
          ))}
        </ul>
      )}
      {seen.length > 0 && unseen > 0 && (
        <p className="text-[14px] text-mute">
          Of {unseen} other {plural(unseen, "figure")} nothing was seen yet.
        </p>
      )}
      {data.people.map((p) => (
        <section key={p.who} aria-label={p.who}>
          <h2>{p.who === prefs.who ? "Your own tape" : p.who}</h2>
          <ul className="divide-y divide-line border-y border-line">
            {p.figures.map((f) => (
              <FigureLine key={f.id} figure={f} prefs={prefs} />
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

export default guarded(LearntPage, "Own figures");
