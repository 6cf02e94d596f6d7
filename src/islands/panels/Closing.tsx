import { useMemo } from "react";
import { closureOf, nightOf, plugFor } from "../../core/order/plug.ts";
import { closedUntil } from "../../core/pane/closed-until.ts";
import { writeLength } from "../../core/tape/write.ts";
import { counted } from "../../core/text/counted.ts";
import { addDays, dayOf, writeDay } from "../../core/units/day.ts";
import { mm, nm, toMm } from "../../core/units/length.ts";
import { sayDay } from "../../core/words/days.ts";
import { becauseWords } from "../../core/words/plan.ts";
import { runText } from "../../core/words/run-text.ts";
import { DayField } from "../ui/DayField.tsx";
import { Fold } from "./Fold.tsx";
import { OldGlassBack } from "./OldGlassBack.tsx";
import { Part } from "./Part.tsx";
import { usePane } from "./pane-context.ts";

const PLUG_OFF_MM = 2;

/** Cut list for a plug of stock board, and whether what closes it stands overnight. */
function PlugAndNight() {
  const { book, reckoning: r, firm, today, prefs } = usePane();
  const governs = r.cut.ok ? r.cut.value.governs : null;
  const plug =
    governs &&
    plugFor({
      widthMm: toMm(governs.width.length),
      heightMm: toMm(governs.height.length),
      board: { longMm: firm.house.boardLongMm, shortMm: firm.house.boardShortMm },
      offMm: PLUG_OFF_MM,
    });
  const size = (mm: number): string => writeLength(nm(Math.round(mm * 1e6)), prefs.unit, { places: 0, ticks: 16 });
  const night = nightOf({
    closure: book.closed ? closureOf(book.closed.how) : "open",
    storey: book.building.storey,
    mustLock: book.before.wants?.mustLock ?? false,
    outerDoor: book.before.front.some((f) => f.what === "grille" || f.what === "storm-pane"),
    wetTomorrow: firm.calendar.wet.has(addDays(today, 1)),
    told: (book.closed?.told ?? "") !== "",
  });
  return (
    <>
      <div className={night.says === "not-safe" ? "note-wax" : "note-glass"}>
        <p className="font-medium">
          {night.says === "stands"
            ? "It may stand overnight."
            : night.says === "watch"
              ? "It may stand overnight, but:"
              : "Not safe overnight."}
        </p>
        {night.because.map((b) => (
          <p key={b}>{b}</p>
        ))}
      </div>
      {plug?.pieces[0] && (
        <Fold as="small" title="A plug of stock board: cut list">
          <p>
            {counted(plug.pieces.length, "piece")} of {size(plug.pieces[0].widthMm)} × {size(plug.pieces[0].heightMm)},
            from {counted(plug.boards, "board")} of {size(firm.house.boardLongMm)} × {size(firm.house.boardShortMm)};{" "}
            {runText(mm(plug.tapeMm), prefs.unit)} of tape for joints and edges, both faces.
          </p>
        </Fold>
      )}
    </>
  );
}

/** What closes the hole until the glass comes, until when, and who was told. */
export function Closing() {
  const { book, reckoning, firm, say, write, today } = usePane();
  const closed = book.closed;
  const follows = useMemo(
    () => (closed ? null : closedUntil(book, reckoning, today, firm.calendar)),
    [closed, book, reckoning, today, firm.calendar],
  );
  if (closed) {
    const over = dayOf(closed.until) < today;
    return (
      <Part title="Closed for now">
        <p className={over ? "note-wax" : "note-glass"}>
          {closed.how}, since {sayDay(dayOf(closed.since))}, until {sayDay(dayOf(closed.until))}
          {over && " – that is past"}. {closed.told && `Told: ${closed.told}.`}
        </p>
        {closureOf(closed.how) === "glass" && <OldGlassBack until={closed.until} />}
        <button type="button" className="btn" onClick={() => write("look.opened", { day: writeDay(today) })}>
          It is off again
        </button>
        <PlugAndNight />
      </Part>
    );
  }
  return (
    <Part title="Close the hole" more="anyone can reach in until it is">
      <form
        className="grid grid-cols-2 gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          const text = (name: string) => String(form.get(name) ?? "");
          write("look.closed", { how: text("how"), since: writeDay(today), until: text("until"), told: text("told") });
        }}
      >
        <label className="col-span-2">
          <span className="text-[13px] text-mute">With what</span>
          <input
            name="how"
            required
            maxLength={200}
            list="closings"
            placeholder="board, rigid insulation, the old glass"
          />
        </label>
        <datalist id="closings">
          <option value="9 mm board, screwed" />
          <option value="rigid insulation, taped" />
          <option value={say("old glass put back with two {beads}")} />
        </datalist>
        <DayField
          says="Until"
          name="until"
          required
          min={writeDay(today)}
          start={follows ? writeDay(follows.day) : undefined}
        />
        <label>
          <span className="text-[13px] text-mute">Who was told</span>
          <input name="told" maxLength={200} />
        </label>
        <p className="col-span-2 text-[13px] text-mute">
          {follows
            ? `By what is known: ${follows.because.kind === "planned" ? "its fitting is planned for that day" : becauseWords(follows.because)}.`
            : "Nothing says yet when its glass goes in: say until when this will do."}{" "}
          The customer counts on that day.
        </p>
        <button type="submit" className="btn btn-main col-span-2">
          The hole is closed
        </button>
      </form>
      <PlugAndNight />
    </Part>
  );
}
