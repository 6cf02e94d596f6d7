import type { OrderLine } from "../../core/pane/order-book.ts";
import { VERDICT_WORDS } from "../../core/words/entry/order.ts";

/** What came, each time it did, what was said of it, and who looked. Nothing until somebody has. */
export const CheckedLine = ({ line }: { readonly line: OrderLine }) =>
  [...line.wentBack, ...(line.check ? [line.check] : [])].map(
    ({ id, who, payload: { width, height, verdict, reason } }) => (
      <p key={id} className={verdict === "sent-back" ? "note-wax" : "note-glass"}>
        Came {width.text} × {height.text}: {VERDICT_WORDS[verdict]}
        {reason && `, ${reason}`}. Checked by {who}.
      </p>
    ),
  );
