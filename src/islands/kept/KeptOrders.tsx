import type { OrderKept } from "../../core/page/kept-orders.ts";
import { sayDay } from "../../core/words/days.ts";
import { type Dialect, say } from "../../core/words/dialect.ts";
import { STAGE_WORDS } from "../../core/words/order-stage.ts";

/** The orders that this device keeps, what wants somebody first. */
export function KeptOrders({ orders, dialect }: { readonly orders: readonly OrderKept[]; readonly dialect: Dialect }) {
  return (
    <div className="mx-auto max-w-3xl space-y-3 px-4 py-6">
      <h1>Orders</h1>
      <p className="text-mute">Those of the rounds that this device keeps, and what is open.</p>
      {orders.length === 0 && <p>None is kept here.</p>}
      <ul className="rows" aria-label="The orders">
        {orders.map((o) => (
          <li key={o.id}>
            <a className="flex min-h-12 items-center justify-between gap-4 py-2 no-underline" href={`/orders/${o.id}`}>
              <span>
                <span className="font-medium">{o.says}</span>
                <span className="block text-[14px] text-mute">
                  {o.lines} {say(o.lines === 1 ? "{pane}" : "{panes}", dialect)}
                </span>
              </span>
              <span className={`text-right ${o.late ? "trouble" : ""}`}>
                {STAGE_WORDS[o.stage]}
                {o.due !== null && (
                  <span className="block text-[14px]">
                    {o.late ? "was due" : "due"} {sayDay(o.due)}
                  </span>
                )}
              </span>
            </a>
          </li>
        ))}
      </ul>
    </div>
  );
}
