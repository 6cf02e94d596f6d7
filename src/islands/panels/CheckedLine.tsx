import type { OrderLine } from "../../core/pane/order-book.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { VERDICT_WORDS } from "../../core/words/entry/order.ts";
import { sizeTold } from "../../core/words/size-told.ts";

/** What came, each time it did, what was said of it, and who looked. Nothing until somebody has. */
export const CheckedLine = ({ line, unit }: { readonly line: OrderLine; readonly unit: LengthUnit }) =>
  [...line.wentBack, ...(line.check ? [line.check] : [])].map(
    ({ id, who, payload: { width, height, verdict, reason } }) => (
      <p key={id} className={verdict === "sent-back" ? "note-wax" : "note-glass"}>
        Came {sizeTold(width, height, unit)}: {VERDICT_WORDS[verdict]}
        {reason && `, ${reason}`}. Checked by {who}.
      </p>
    ),
  );
