import { travelCare } from "../../core/order/travel.ts";
import type { OrderLine } from "../../core/pane/order-book.ts";
import { makeupIsSafe } from "../../core/specify/makeup.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";

/** How the pane travels and stands until it is set. */
export function Travel({ line }: { readonly line: OrderLine }) {
  const { say } = usePane();
  const care = travelCare({
    sealed: line.makeup !== undefined,
    coated: (line.makeup?.coatings.length ?? 0) > 0,
    patterned: line.pattern !== "",
    toughened: line.glass === "toughened" || (line.makeup !== undefined && makeupIsSafe(line.makeup)),
  });
  return (
    <Fold title="Until it is set" more="on edge, film on, card kept">
      <ul className="rows">
        {care.map((c) => (
          <li key={c.does} className="py-1.5">
            <span className="font-medium">{say(c.does)}</span> <span className="text-mute">{say(c.why)}</span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
