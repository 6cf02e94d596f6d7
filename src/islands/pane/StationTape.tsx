import { useEffect, useRef } from "react";
import { type Standing, standings } from "../../core/pane/standing.ts";
import { STATION_NAMES, STATIONS } from "../../core/plan/stations.ts";
import { standingWords } from "../../core/words/standing.ts";
import { usePane } from "../panels/pane-context.ts";
import type { View } from "./model.ts";

const TICKS = Array.from({ length: 16 }, (_, i) => i);
const SHAPES: Readonly<Record<Standing["state"], string>> = { done: "✓", begun: "◐", open: "", trouble: "!" };
const SPOKEN: Readonly<Record<Standing["state"], string>> = {
  done: "done",
  begun: "begun",
  open: "not begun",
  trouble: "needs a look",
};

type Props = { readonly view: View; readonly open: (view: View) => void };

/** A strip of measuring tape with the nine stations on it. Any of them can be opened at any time. */
export function StationTape({ view, open }: Props) {
  const { book, reckoning, prefs } = usePane();
  const all = standings(book, reckoning);
  const here = useRef<HTMLAnchorElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the strip follows the station that is open
  useEffect(() => {
    // In braces: newer browsers answer with a promise, which is no clean-up.
    here.current?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [view]);
  return (
    <nav aria-label="Stations" className="tapestrip no-print shrink-0 overflow-x-auto">
      <ol className="grid min-w-max grid-cols-[repeat(9,minmax(7.4rem,1fr))] desk:min-w-0 desk:grid-cols-9">
        {STATIONS.map((station, i) => {
          const { state, says } = all[station];
          const on = station === view;
          const words = standingWords(says, reckoning.glass, prefs);
          return (
            <li key={station} className="min-w-0">
              <a
                ref={on ? here : undefined}
                href={`/panes/${book.id}/${station}`}
                aria-current={on ? "step" : undefined}
                onClick={(e) => {
                  if (e.metaKey || e.ctrlKey || e.shiftKey) return;
                  e.preventDefault();
                  open(station);
                }}
                className={`relative block h-[60px] px-3 pt-[20px] no-underline max-sm:h-[46px] max-sm:pt-[17px] ${on ? "bg-bar text-tape" : ""}`}
              >
                <svg
                  aria-hidden="true"
                  className="absolute inset-x-0 top-0 h-5 w-full"
                  preserveAspectRatio="none"
                  viewBox="0 0 160 20"
                >
                  {TICKS.map((t) => (
                    <path
                      key={t}
                      d={`M${t * 10 + 0.5} 0V${t === 0 ? 20 : t % 8 === 0 ? 14 : t % 4 === 0 ? 10 : 6}`}
                      stroke="currentColor"
                      strokeWidth={t === 0 ? 2 : 1}
                      vectorEffect="non-scaling-stroke"
                    />
                  ))}
                </svg>
                <span
                  className={`tight absolute top-[7px] right-2 text-xs font-semibold ${on ? "" : "text-[#7a1f10]"}`}
                  aria-hidden="true"
                >
                  {i + 1}
                </span>
                <span className="flex items-baseline gap-1.5 text-[15px] font-semibold leading-tight">
                  {STATION_NAMES[station]}
                  <span
                    aria-hidden="true"
                    className={
                      state === "trouble" ? "font-black text-[#8f1d08] in-[[aria-current]]:text-[#f4927a]" : ""
                    }
                  >
                    {SHAPES[state]}
                  </span>
                </span>
                <span className="block truncate text-[12px] leading-tight max-sm:sr-only">
                  <span className="sr-only">{SPOKEN[state]}. </span>
                  {words}
                </span>
              </a>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
