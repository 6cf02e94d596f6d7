import { v7 as uuidv7 } from "uuid";
import { lessonsFor } from "../../core/pane/lessons.ts";
import { STATION_NAMES, type Station } from "../../core/plan/stations.ts";
import { Fold } from "./Fold.tsx";
import { usePane } from "./pane-context.ts";

type Props = {
  readonly station: Station;
  /** Those of every station, to be read before anything begins. */
  readonly all?: boolean;
};

/** What was learnt on panes like this; and, at the station itself, what this one teaches the next. */
export function Lessons({ station, all = false }: Props) {
  const { book, firm, say, writeFirm } = usePane();
  const profile = book.before.profile;
  const { system, address } = book.added;
  const found = lessonsFor(firm.lessons, { id: book.id, system, profile, address }).filter(
    (l) => all || l.lesson.station === station,
  );
  const own = firm.lessons.filter((l) => l.pane === book.id && l.station === station);
  return (
    <>
      {found.map(({ lesson, like }) => (
        <p key={lesson.lesson} className="note-glass flex items-start justify-between gap-3">
          <span>
            <strong className="font-semibold">{say(lesson.says)}</strong>{" "}
            <span className="text-[13px] text-mute">
              Learnt at {lesson.address}, {STATION_NAMES[lesson.station].toLowerCase()}; {like}.
            </span>
          </span>
          <button
            type="button"
            className="btn btn-small"
            aria-label={`No longer so: ${lesson.says}`}
            onClick={() => writeFirm("lesson.kept", { ...lesson, gone: true })}
          >
            Off
          </button>
        </p>
      ))}
      {!all && (
        <Fold
          title="For the next one like it"
          more={own.length > 0 ? own.map((l) => l.says).join("; ") : "what this one taught"}
        >
          <form
            className="grid grid-cols-[1fr_auto] gap-2"
            onSubmit={(e) => {
              e.preventDefault();
              const says = String(new FormData(e.currentTarget).get("says")).trim();
              writeFirm("lesson.kept", { lesson: uuidv7(), says, station, system, profile, address, pane: book.id });
              e.currentTarget.reset();
            }}
          >
            <input
              name="says"
              required
              maxLength={120}
              pattern=".*\S.*"
              aria-label="What this one taught"
              placeholder={say("warm the {beads} first")}
            />
            <button type="submit" className="btn">
              Keep
            </button>
          </form>
        </Fold>
      )}
    </>
  );
}
