import { frameOf } from "../../core/frame/systems.ts";
import Switches from "../log/Switches.tsx";
import { usePane } from "../panels/pane-context.ts";
import type { View } from "./model.ts";

type Props = {
  readonly before: string | null;
  readonly after: string | null;
  readonly view: View;
  readonly open: (view: View) => void;
  readonly undo: () => void;
  readonly people: readonly string[];
};

/** The one row at the head: which pane this is, its neighbours on the walk, the logbook, and the writer's menu. */
export function Trail({ before, after, view, open, undo, people }: Props) {
  const { book, say, prefs } = usePane();
  const { address, opening, light, system } = book.added;
  return (
    <header className="no-print flex min-h-11 shrink-0 items-center justify-between gap-3 bg-bar px-4 text-on-bar desk:px-5">
      <h1 className="flex min-w-0 items-center gap-x-3 text-[15px] font-normal">
        <a
          className="flex min-h-11 items-center whitespace-nowrap no-underline max-sm:hidden"
          href={`/?round=${book.added.round}`}
          aria-label="Round"
        >
          <span className="font-bold [font-stretch:115%]">Plain Pane</span>
          <span className="pl-3 opacity-70">Round</span>
        </a>
        <a
          className="-ml-2 flex min-h-11 min-w-11 items-center justify-center text-[20px] no-underline sm:hidden"
          href={`/?round=${book.added.round}`}
          aria-label="Round"
        >
          ‹
        </a>
        <span className="opacity-50 max-sm:hidden" aria-hidden="true">
          /
        </span>
        <span className="truncate">
          <strong className="font-semibold">{[address, opening].join(", ")}</strong>
          {light && <span className="max-sm:opacity-75">, {light}</span>}
        </span>
        {!book.added.unsaid && (
          <span className="truncate opacity-70 max-desk:hidden">{say(frameOf(system).short)}</span>
        )}
      </h1>
      <nav aria-label="This pane" className="flex shrink-0 items-center gap-1">
        <NeighbourLink to={before} view={view} name="Pane before" sign="‹" />
        <NeighbourLink to={after} view={view} name="Next pane" sign="›" />
        <button type="button" className="min-h-11 rounded px-2 hover:bg-white/10 max-sm:hidden" onClick={undo}>
          Undo <kbd className="text-[12px] opacity-70">z</kbd>
        </button>
        <a
          href={`/panes/${book.id}/logbook`}
          className={`flex min-h-11 items-center rounded px-2 no-underline hover:bg-white/10 ${view === "logbook" ? "font-semibold text-tape" : ""}`}
          onClick={(e) => {
            if (e.metaKey || e.ctrlKey || e.shiftKey) return;
            e.preventDefault();
            open("logbook");
          }}
        >
          Logbook
        </a>
        <Switches prefs={prefs} people={people} />
      </nav>
    </header>
  );
}

type LinkProps = { readonly to: string | null; readonly view: View; readonly name: string; readonly sign: string };

const NeighbourLink = ({ to, view, name, sign }: LinkProps) =>
  to === null ? null : (
    <a
      href={`/panes/${to}/${view}`}
      aria-label={name}
      title={name}
      className="flex min-h-11 min-w-11 items-center justify-center rounded text-[20px] no-underline hover:bg-white/10 max-sm:hidden"
    >
      {sign}
    </a>
  );
