import { settledAllAs, settledAs, writersApart } from "../../core/log/apart.ts";
import type { Entry } from "../../core/log/kinds.ts";
import { apartWords } from "../../core/words/apart.ts";
import { usePane } from "../panels/pane-context.ts";

/** What two people said of the same thing without seeing each other's: one tap says which stands. */
export function WroteApart({ settle }: { readonly settle: (as: Entry, payload: Entry["payload"]) => void }) {
  const { book, prefs } = usePane();
  const { apart, standing } = book.log;
  const [first] = apart;
  if (first === undefined) return null;
  const words = apartWords(first, prefs);
  return (
    <section className="no-print border-b border-line bg-sheet px-4 py-2 desk:px-5" aria-label="Written apart">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1" role="alert">
        <p className="min-w-60 flex-1">
          <b>Which stands?</b> {words.says}
          {apart.length > 1 && <span className="text-mute"> {`Then ${apart.length - 1} more like it.`}</span>}
        </p>
        {words.choices.map(({ entry, says, by }) => (
          <button
            key={entry.id}
            type="button"
            className="btn"
            onClick={() => settle(entry, settledAs(standing, first, entry))}
          >
            {says} <span className="text-mute">{by}</span>
          </button>
        ))}
        {apart.length > 1 && writersApart(apart).length > 0 && (
          <p className="flex w-full flex-wrap items-center gap-2 text-[14px]">
            All {apart.length} as they are by
            {writersApart(apart).map((who) => (
              <button
                key={who}
                type="button"
                className="btn btn-small"
                onClick={() => {
                  for (const { as, payload } of settledAllAs(standing, apart, who)) settle(as, payload);
                }}
              >
                {who}
              </button>
            ))}
          </p>
        )}
      </div>
    </section>
  );
}
