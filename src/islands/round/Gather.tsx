import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import type { Firm } from "../../core/firm/firm.ts";
import type { Entry } from "../../core/log/kinds.ts";
import { notMadeBy } from "../../core/order/gathered.ts";
import { MAKES_NAMES } from "../../core/order/sources.ts";
import { lineTo } from "../../core/pane/line-to.ts";
import type { RoundRow } from "../../core/round/row.ts";
import { say } from "../../core/words/dialect.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { nextWords } from "../../core/words/standing.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { Sheet } from "../ui/Sheet.tsx";

type Props = {
  readonly rows: readonly RoundRow[];
  readonly openOrders: readonly { readonly id: string; readonly supplier: string; readonly reference: string }[];
  readonly prefs: Prefs;
  readonly suppliers: readonly string[];
  readonly firm: Pick<Firm, "house" | "terms" | "ofSuppliers">;
  readonly close: () => void;
};

/** Panes that are sized and on no order, gathered into one. */
export function Gather({ rows, openOrders, prefs, suppliers, firm, close }: Props) {
  const ready = rows.filter((r) => r.canOrder && r.line);
  const [wrong, setWrong] = useState<string | null>(null);
  const [order, setOrder] = useState("new");
  const [named, setNamed] = useState(suppliers[0] ?? "");
  // Whoever cuts it cuts to their own grid, and makes what they make.
  const supplier = openOrders.find((o) => o.id === order)?.supplier ?? named.trim();
  const theirs = firm.terms.get(supplier);
  const submit = async (form: FormData) => {
    const picked = ready.filter((r) => form.get(r.id) === "on");
    if (picked.length === 0) return setWrong(say("Tick the {panes} to order first.", prefs.dialect));
    const on = order === "new" ? uuidv7() : order;
    const entry = entriesBy(prefs.who);
    const batch: Entry[] = [
      ...(order === "new"
        ? [
            entry(
              "order.opened",
              { order: on },
              { supplier: String(form.get("supplier")), reference: String(form.get("reference") ?? "") },
            ),
          ]
        : []),
      ...picked.flatMap((r) =>
        r.line
          ? [entry("order.line", { order: on, pane: r.id }, { line: uuidv7(), ...lineTo(r.line, supplier, firm) })]
          : [],
      ),
    ];
    const refused = await handOver(batch);
    if (refused !== null) return setWrong(refused);
    return location.assign(`/orders/${on}`);
  };
  return (
    <Sheet title="Gather an order" close={close}>
      {ready.length === 0 ? (
        <p>Nothing is sized and waiting to be ordered.</p>
      ) : (
        <form
          className="space-y-3"
          onSubmit={(e) => {
            e.preventDefault();
            void submit(new FormData(e.currentTarget));
          }}
        >
          <ul className="grid gap-1.5">
            {ready.map((r) => (
              <li key={r.id}>
                <label className="chip w-full">
                  <input type="checkbox" name={r.id} disabled={r.held !== null} defaultChecked={r.held === null} />
                  <span className="min-w-0 flex-1">
                    {[r.address, r.opening, r.light].filter(Boolean).join(", ")}
                    {r.held === null && r.line && notMadeBy(r.line, theirs) && (
                      <span className="block py-0.5 text-[13px] text-wax">
                        {say(`they make no ${MAKES_NAMES[notMadeBy(r.line, theirs) ?? "single"]}`, prefs.dialect)}
                      </span>
                    )}
                    {r.held !== null && (
                      <a className="block py-0.5 text-[13px] text-wax" href={`/panes/${r.id}/${r.held.station}`}>
                        first: {nextWords(r.held, prefs.dialect)} <span aria-hidden="true">→</span>
                      </a>
                    )}
                  </span>
                </label>
              </li>
            ))}
          </ul>
          <PickOne
            name="On which order"
            of={[
              ["new", "a new order"],
              ...openOrders.map((o) => [o.id, `${o.reference || "open order"}, ${o.supplier}`] as const),
            ]}
            value={order}
            change={setOrder}
            className="block"
          />
          {order === "new" && (
            <div className="grid grid-cols-[1fr_9rem] gap-2">
              <label>
                <span className="text-[13px] text-mute">Supplier, for a new one</span>
                <input
                  name="supplier"
                  required
                  maxLength={120}
                  list="gather-suppliers"
                  value={named}
                  onChange={(e) => setNamed(e.target.value)}
                />
              </label>
              <label>
                <span className="text-[13px] text-mute">Our reference</span>
                <input name="reference" maxLength={200} />
              </label>
            </div>
          )}
          <datalist id="gather-suppliers">
            {suppliers.map((name) => (
              <option key={name} value={name} />
            ))}
          </datalist>
          {wrong && (
            <p className="note-wax" role="alert">
              {wrong}
            </p>
          )}
          <button type="submit" className="btn btn-main w-full">
            Put them on it
          </button>
        </form>
      )}
    </Sheet>
  );
}
