import { linesAlive, type OnOrder } from "../../core/pane/ordered-twice.ts";
import { dayOf } from "../../core/units/day.ts";
import { gridUnit } from "../../core/units/length.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { usePane } from "../panels/pane-context.ts";
import { Size } from "../ui/Size.tsx";

/** Two people ordered the same pane, and neither had seen the other's: both stand here until one of them is called off. */
export function OrderedTwice() {
  const { book, writeOrder } = usePane();
  const alive = linesAlive(book);
  if (alive.length < 2) return null;
  const stands = (one: OnOrder): void => {
    for (const other of alive)
      if (other !== one)
        writeOrder(
          other.order.id,
          "order.line-dropped",
          { line: other.line.line, reason: "it was ordered twice" },
          true,
        );
  };
  const sent = alive.filter((l) => l.order.sent !== null);
  return (
    <section className="note-wax space-y-3" aria-label="Ordered twice">
      <p>
        <strong>It is on {alive.length} orders.</strong>{" "}
        {sent.length > 0 && "What was sent is made: tell them before you call it off here. "}Which one stands?
      </p>
      <ul className="space-y-2">
        {alive.map((one) => (
          <li key={one.line.line}>
            <button type="button" className="btn w-full justify-between text-left" onClick={() => stands(one)}>
              <span>
                <Which of={one} />
              </span>
              <span>this one stands</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Which({ of: { order, line } }: { readonly of: OnOrder }) {
  const { today } = usePane();
  const unit = gridUnit(line.grid);
  return (
    <>
      <Size width={line.widthNm} height={line.heightNm} unit={unit} made /> {unit}
      <span className="block text-[13px] font-normal text-mute">
        {order.reference || "an order"}, {order.supplier}:{" "}
        {order.sent ? `sent ${sayDayFrom(dayOf(order.sent.day), today)} by ${order.sent.who}` : "not sent"}
      </span>
    </>
  );
}
