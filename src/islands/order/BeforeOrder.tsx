import { DOOR } from "../../core/measure/places.ts";
import { CIRCUMSTANCES } from "../../core/measure/ways.ts";
import { heldBy } from "../../core/pane/before-order.ts";
import { orderHolds } from "../../core/pane/order-held.ts";
import { stateName } from "../../core/pane/read-from.ts";
import { isSureEnough, sureOf } from "../../core/pane/readings-sure.ts";
import { STATION_NAMES } from "../../core/plan/stations.ts";
import { gapText, tooTight } from "../../core/words/why.ts";
import { usePane } from "../panels/pane-context.ts";
import { type QuickAnswer, useQuickAnswers } from "../panels/quick-answers.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { saidAt } from "../stage/said-under.ts";

/** What to know, or to say yes to, before a pane goes on an order. */
export function BeforeOrder() {
  const { book, reckoning: r, firm, prefs, say, write, othersHere } = usePane();
  const holds = orderHolds(book, r, othersHere);
  const sure = sureOf(book);
  const tight = tooTight(r, firm.house.leastGapMm);
  return (
    <>
      {tight && (
        <p className="note-wax">
          {say(
            `The ${tight} leaves less than ${gapText(firm.house.leastGapMm, prefs.unit)} on each side: the {pane} may touch the {rebate}. Take 1 mm, 1/16 in or 1/8 in off, or know why not.`,
          )}
        </p>
      )}
      {holds.includes("coating") && (
        <div className="note-wax space-y-2">
          <p>
            Coated or not is unsure, and a wrong guess comes back. Look again: a flame or a phone's light to the glass
            shows one reflection of another colour where it is coated.
          </p>
          <p className="flex flex-wrap gap-2">
            {(["yes", "no"] as const).map((coated) => (
              <button
                key={coated}
                type="button"
                className="btn"
                onClick={() => write("measure.coating", { coated, face: null, how: "" })}
              >
                {coated === "yes" ? "It is coated" : "It is not coated"}
              </button>
            ))}
          </p>
        </div>
      )}
      {holds.includes("door") && (
        <div className="note-wax space-y-2">
          <p>An insert closes on one thickness of door only. Read it, at the edge of the door.</p>
          <ReadingField place="door-thickness" label="door's thickness" />
          <ReadingTrouble places={DOOR} />
        </div>
      )}
      {holds.includes("makeup") && (
        <p className="note-wax">
          {say("This frame holds a {unit}, and nobody said what it is made of. ")}
          <a href={`/panes/${book.id}/specify`}>Choose it under Specify</a>, or say under Look that it is one sheet.
        </p>
      )}
      {holds.includes("risk") && (
        <form
          className="note-wax space-y-2"
          onSubmit={(e) => {
            e.preventDefault();
            const reason = String(new FormData(e.currentTarget).get("reason") ?? "");
            write("size.risk-taken", { state: sure, reason });
          }}
        >
          <p className="font-medium">
            {sure === "not-said"
              ? say(
                  `Nobody said in what state these were read: a first visit, ${stateName(book, "beads-off")}, or a cleared {rebate}.`,
                )
              : say(`In what state it was read: ${stateName(book, sure)}. Not the surest.`)}
          </p>
          {sure === "not-said" && (
            <p className="flex flex-wrap gap-2">
              {CIRCUMSTANCES.map((state) => (
                <button
                  key={state}
                  type="button"
                  className="btn btn-small"
                  onClick={() => write("measure.circumstance", { state })}
                >
                  {say(stateName(book, state))}
                </button>
              ))}
            </p>
          )}
          <p>
            {say(
              book.way === "old-unit"
                ? "Say it above. Or take the risk: it is kept in the logbook."
                : `${sure === "not-said" ? "Say it above, or read" : "Read"} again from the cleared {rebate}. Or take the risk: it is kept in the logbook.`,
            )}
          </p>
          {r.glass.kind === "toughened" && (
            <p>{say("{Toughened} glass is never made smaller: what does not go in is bought twice.")}</p>
          )}
          <label className="block">
            <span className="text-[13px]">Why it is ordered now</span>
            <input name="reason" required maxLength={200} />
          </label>
          <button type="submit" className="btn">
            Yes, order from these readings
          </button>
        </form>
      )}
      {holds.includes("ask") && <Ask />}
      {book.stoodByOrder && <p className="text-[13px]">Stood by: {book.stoodByOrder.reason}</p>}
      {book.risk && holds.length === 0 && !isSureEnough(book, sure) && (
        <p className="text-[13px]">Ordered at a risk that was accepted: {book.risk.reason}</p>
      )}
    </>
  );
}

/** Blanks and contradictions, each one tap from where it is settled; or stood by, with a word why. */
function Ask() {
  const { book, reckoning: r, say, write, othersHere } = usePane();
  const held = heldBy(book, r, othersHere);
  const quick: Readonly<Partial<Record<string, readonly QuickAnswer[] | undefined>>> = useQuickAnswers();
  return (
    <form
      className="note-wax space-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        const reason = String(new FormData(e.currentTarget).get("reason") ?? "").trim();
        write("order.stood-by", { ids: [...(book.stoodByOrder?.ids ?? []), ...held.map((h) => h.id)], reason });
      }}
    >
      <p className="font-medium">The order waits for this:</p>
      <ul className="list-disc space-y-1 pl-5">
        {held.map((h) => (
          <li key={h.id}>
            {say(h.says)} <a href={saidAt(book.id, { id: h.id, station: h.at })}>{STATION_NAMES[h.at]}</a>
            {quick[h.id] && (
              <span className="flex flex-wrap gap-1 pt-1">
                {quick[h.id]?.map((q) => (
                  <button key={q.says} type="button" className="btn btn-small" onClick={q.tell}>
                    {say(q.says)}
                  </button>
                ))}
              </span>
            )}
          </li>
        ))}
      </ul>
      <label className="block">
        <span className="text-[13px]">Or why it is ordered as it is</span>
        <input name="reason" required maxLength={200} pattern=".*\S.*" />
      </label>
      <button type="submit" className="btn">
        Yes, order it so
      </button>
    </form>
  );
}
