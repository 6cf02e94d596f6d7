import { useState } from "react";
import type { HouseRules } from "../../core/house/rules.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import { checkIn } from "../../core/order/check-in.ts";
import type { OrderLine } from "../../core/pane/order-book.ts";
import { readTape } from "../../core/tape/read.ts";
import { type LengthUnit, mm } from "../../core/units/length.ts";
import { checkInSentence } from "../../core/words/check-in.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { Length } from "./Length.tsx";

type Props = {
  readonly line: OrderLine;
  readonly house: HouseRules;
  readonly unit: LengthUnit;
  readonly checked: (payload: Payloads["order.checked"]) => void;
};

/** What came, beside what was ordered, before the old pane comes out. */
export function CheckInForm({ line, house, unit, checked }: Props) {
  const [came, setCame] = useState({ width: "", height: "" });
  const [reason, setReason] = useState("");
  const read = {
    width: came.width.trim() === "" ? null : readTape(came.width, unit),
    height: came.height.trim() === "" ? null : readTape(came.height, unit),
  };
  const check =
    read.width?.ok && read.height?.ok
      ? checkIn({
          ordered: { width: mm(line.widthNm / 1e6), height: mm(line.heightNm / 1e6) },
          came: { width: read.width.value.adjusted, height: read.height.value.adjusted },
          tolerance: {
            small: mm(house.toleranceSmallMm),
            large: mm(house.toleranceLargeMm),
            limit: mm(house.toleranceLimitMm),
          },
        })
      : null;
  const give = (verdict: Payloads["order.checked"]["verdict"]) =>
    checked({
      line: line.line,
      width: { text: came.width, unit },
      height: { text: came.height, unit },
      verdict,
      reason,
    });
  const within = check?.verdict === "within";
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-2 gap-2">
        {(["width", "height"] as const).map((axis) => {
          const bad = read[axis]?.ok === false;
          return (
            <label key={axis} className="min-w-0">
              <span className="text-[13px] text-mute">
                {axis} that came, ordered <Length nm={axis === "width" ? line.widthNm : line.heightNm} unit={unit} />
              </span>
              <input
                className={`tight text-right !text-[17px] ${bad ? "bad" : ""}`}
                aria-label={`${axis} that came`}
                aria-invalid={bad}
                value={came[axis]}
                maxLength={60}
                autoComplete="off"
                onChange={(e) => setCame({ ...came, [axis]: e.target.value })}
              />
              {bad && read[axis]?.ok === false && (
                <span className="trouble text-[13px]">{tapeErrorSentence(read[axis].error)}</span>
              )}
            </label>
          );
        })}
      </div>
      {check && (
        <>
          <p className={within ? "note-glass" : "note-wax"} role="status">
            {checkInSentence(check, unit)}
          </p>
          <label className="block">
            <span className="text-[13px] text-mute">Note or reason: chips, scratches, stamp, what is wrong</span>
            <input value={reason} maxLength={2000} onChange={(e) => setReason(e.target.value)} />
          </label>
          <div className="flex flex-wrap gap-2">
            {within && reason === "" && (
              <button type="button" className="btn btn-main" onClick={() => give("accepted")}>
                Accept
              </button>
            )}
            <button
              type="button"
              className="btn"
              disabled={reason.trim() === ""}
              onClick={() => give("accepted-with-note")}
            >
              Accept with the note
            </button>
            <button type="button" className="btn" disabled={reason.trim() === ""} onClick={() => give("sent-back")}>
              Send it back
            </button>
          </div>
          {reason.trim() === "" && !within && (
            <p className="text-[13px] text-mute">Say the reason first: it goes back with the glass.</p>
          )}
        </>
      )}
    </div>
  );
}
