import { frameOf } from "../../core/frame/systems.ts";
import { usePane } from "../parts/pane-context.ts";
import type { View } from "./model.ts";

type Props = {
  readonly before: string | null;
  readonly after: string | null;
  readonly view: View;
  readonly open: (view: View) => void;
  readonly undo: () => void;
};

/** Which pane this is, its neighbours on the walk, and the ways to its logbook and back. */
export function Trail({ before, after, view, open, undo }: Props) {
  const { book, say } = usePane();
  const { address, opening, light, system } = book.added;
  return (
    <nav
      aria-label="This pane"
      className="no-print flex min-h-11 shrink-0 items-center justify-between gap-3 border-b border-black/20 bg-bar px-4 text-on-bar desk:px-5"
    >
      <h1 className="min-w-0 truncate text-[15px] font-normal">
        <span className="max-sm:hidden">
          <a href="/" className="underline">
            Round
          </a>{" "}
          /{" "}
        </span>
        <strong className="font-semibold">{[address, opening].join(", ")}</strong>
        {light && ` / ${light}`}
        <span className="opacity-70 max-sm:hidden"> · {say(frameOf(system).short)}</span>
      </h1>
      <div className="flex shrink-0 items-center gap-1">
        <NeighbourLink to={before} view={view} name="Pane before" sign="‹" />
        <NeighbourLink to={after} view={view} name="Next pane" sign="›" />
        <button type="button" className="min-h-11 px-2 max-sm:hidden" onClick={undo}>
          Undo <kbd className="text-[12px] opacity-70">z</kbd>
        </button>
        <a
          href={`/panes/${book.id}/logbook`}
          className={`flex min-h-11 items-center px-2 no-underline ${view === "logbook" ? "font-semibold text-tape" : ""}`}
          onClick={(e) => {
            if (e.metaKey || e.ctrlKey || e.shiftKey) return;
            e.preventDefault();
            open("logbook");
          }}
        >
          Logbook
        </a>
      </div>
    </nav>
  );
}

type LinkProps = { readonly to: string | null; readonly view: View; readonly name: string; readonly sign: string };

const NeighbourLink = ({ to, view, name, sign }: LinkProps) =>
  to === null ? null : (
    <a
      href={`/panes/${to}/${view}`}
      aria-label={name}
      title={name}
      className="flex min-h-11 min-w-11 items-center justify-center text-[20px] no-underline max-sm:hidden"
    >
      {sign}
    </a>
  );
