import { type KeyboardEvent, type ReactNode, useEffect, useRef } from "react";
import type { Template } from "../../core/text/template.ts";
import { Unfolded } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { useStage } from "./stage-context.ts";

export type Tab = {
  readonly id: string;
  readonly name: Template;
  /** A word beside the name: how many, whether. */
  readonly more?: string | undefined;
  readonly content: ReactNode;
};

type Props = {
  /** The first is the station's own work; the others are a tap away. */
  readonly tabs: readonly (Tab | false | null)[];
  /** Which of them the step or question now open is about. */
  readonly about?: string | undefined;
};

const TAB = "min-h-11 shrink-0 border-b-[3px] px-2 whitespace-nowrap desk:min-h-9";
const ON = "border-glass font-semibold";
const OFF = "border-transparent text-mute hover:text-ink";

/** How far along the tabs a key goes, from the one at `at` of `count`. */
const ALONG: Readonly<Partial<Record<string, (at: number, count: number) => number>>> = {
  ArrowRight: (at, count) => (at + 1) % count,
  ArrowLeft: (at, count) => (at - 1 + count) % count,
  Home: () => 0,
  End: (_, count) => count - 1,
};

/** The tabs are one stop of the Tab key; arrows go along those in sight and open them. */
function alongTabs(e: KeyboardEvent<HTMLElement>) {
  const to = ALONG[e.key];
  const tabs = [...e.currentTarget.querySelectorAll<HTMLElement>('[role="tab"]')].filter(
    (t) => t.getClientRects().length > 0,
  );
  const at = tabs.findIndex((t) => t.matches(":focus"));
  if (!to || at < 0) return;
  e.preventDefault();
  const next = tabs[to(at, tabs.length)];
  next?.focus();
  next?.click();
}

/** The large part of a station: what is worked on, and behind tabs what is looked up. */
export function Stage({ tabs, about }: Props) {
  const { say } = usePane();
  const { tab, openTab, sideName } = useStage();
  const all = tabs.filter((t) => t !== false && t !== null);
  const shown = all.find((t) => t.id === (tab ?? about)) ?? all[0];
  // Another tab begins at its top; on a phone the whole page is what scrolls.
  const seen = useRef(tab);
  useEffect(() => {
    if (seen.current === tab) return;
    seen.current = tab;
    document.getElementById("stage-panel")?.scrollTo(0, 0);
    if (sideName !== null && window.matchMedia("(max-width: 63.99rem)").matches) window.scrollTo(0, 0);
  }, [tab, sideName]);
  if (!shown) return null;
  // Where there is room for one only, the side comes first and the stage is behind its tabs.
  const behind = tab === null && sideName !== null;
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      {all.length > 1 && (
        <div
          role="tablist"
          aria-label="On the stage"
          onKeyDown={alongTabs}
          className="no-print flex shrink-0 gap-x-1 overflow-x-auto border-b border-line px-2 desk:flex-wrap desk:px-4"
        >
          {sideName !== null && (
            <button
              type="button"
              role="tab"
              aria-selected={behind}
              tabIndex={behind ? 0 : -1}
              aria-controls="stage-side"
              className={`${TAB} desk:hidden ${behind ? ON : OFF}`}
              onClick={() => openTab(null)}
            >
              {sideName}
            </button>
          )}
          {all.map((t) => (
            <button
              key={t.id}
              id={`tab-${t.id}`}
              type="button"
              role="tab"
              aria-selected={t === shown}
              tabIndex={t === shown ? 0 : -1}
              aria-controls="stage-panel"
              className={`${TAB} ${t === shown ? `${ON} ${behind ? "max-desk:border-transparent max-desk:font-normal" : ""}` : OFF}`}
              // The station's own work is done with the step in sight.
              onClick={() => openTab(t.id, sideName === null && t === all[0])}
            >
              {say(t.name)}
              {t.more && <span className="text-[13px] font-normal text-mute"> {t.more}</span>}
            </button>
          ))}
        </div>
      )}
      <div
        id="stage-panel"
        {...(all.length > 1 ? { role: "tabpanel", "aria-labelledby": `tab-${shown.id}` } : {})}
        className={`min-h-0 flex-1 px-4 py-3 desk:overflow-y-auto desk:px-5 print:overflow-visible ${behind ? "max-desk:hidden print:block" : ""}`}
      >
        <Unfolded value={true}>{shown.content}</Unfolded>
      </div>
    </div>
  );
}
