import { LINE_STATE_FACTS } from "../../core/order/line-state.ts";
import type { OpenOrder } from "../../core/page/pane-page.ts";
import type { OrderLine } from "../../core/pane/order-book.ts";
import { ticketOf } from "../../core/words/ticket.ts";
import { usePane } from "../panels/pane-context.ts";
import { Elevation } from "../stage/Elevation.tsx";
import { photosTab } from "../stage/photos-tab.tsx";
import { Stage } from "../stage/Stage.tsx";
import { Sources } from "./Sources.tsx";
import { Travel } from "./Travel.tsx";
import { usePutOn } from "./use-put-on.ts";

/** The line as it is read out, with its drawing; where it can come from, or how it travels. */
export function OrderStage({ openOrders }: { readonly openOrders: readonly OpenOrder[] }) {
  const { book, reckoning: r, prefs } = usePane();
  const way = usePutOn(openOrders);
  const found = book.line;
  const again = found ? LINE_STATE_FACTS[found.line.state].again : false;
  const free = way?.held === null;
  const ticket = ticketOf(book, r, prefs);
  return (
    <Stage
      tabs={[
        {
          id: "line",
          name: "The line",
          content: (
            <div className="space-y-3">
              <p className="text-[17px] leading-snug font-semibold">{ticket.spoken}</p>
              <div className="grid gap-5 desk:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
                <div className="max-h-[24rem] max-sm:hidden">
                  <Elevation />
                </div>
                <div className="space-y-4">
                  {(!found || again) && !book.had && (
                    <Sources
                      {...(way && { line: way.line })}
                      {...(free && way ? { take: way.take, ...(way.takeHere ? { takeHere: way.takeHere } : {}) } : {})}
                    />
                  )}
                  {found && found.line.state !== "open" && !again && isGlass(found.line) && (
                    <Travel line={found.line} />
                  )}
                </div>
              </div>
            </div>
          ),
        },
        photosTab("order", book),
      ]}
    />
  );
}

/** Glass by itself, or in a thin insert: a sash or a window travels as its maker packs it. */
const isGlass = (line: OrderLine): boolean => line.whole === undefined || line.whole.what === "insert";
