import { useState } from "react";
import { v7 as uuidv7 } from "uuid";
import type { OrderFile } from "../../contract/order-file.ts";
import type { Entry } from "../../core/log/kinds.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy } from "../log/new-entries.ts";
import { sendEntries } from "../log/send.ts";
import { guarded } from "../ui/Guarded.tsx";
import { type ReadError, readFileAs } from "./read-file.ts";

/** An order from a file, CSV or JSON: what is wrong is said row by row, and nothing is half taken. */
function OrderImport({ prefs }: { readonly prefs: Prefs }) {
  const [errors, setErrors] = useState<readonly ReadError[]>([]);
  const take = async (file: File) => {
    const read = await readFileAs("order", file);
    if (!read.ok) return setErrors(read.errors);
    const order = uuidv7();
    const sent = await sendEntries(entriesFor(order, read.order, prefs.who));
    if (sent.kind === "stored") return location.assign(`/orders/${order}`);
    setErrors([
      {
        row: 1,
        says:
          "message" in sent
            ? sent.message
            : "No signal: the file was read, but the order could not be kept. Try again.",
      },
    ]);
  };
  return (
    <div className="space-y-2">
      <label className="btn btn-small cursor-pointer">
        Bring an order in, CSV or JSON
        <input
          type="file"
          className="sr-only"
          aria-label="Order file, CSV or JSON"
          accept=".csv,.json,text/csv,application/json"
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (file) void take(file);
          }}
        />
      </label>
      <ReadErrors errors={errors} />
    </div>
  );
}

export function ReadErrors({ errors }: { readonly errors: readonly ReadError[] }) {
  if (errors.length === 0) return null;
  return (
    <ul className="note-wax" role="alert">
      {errors.slice(0, 20).map((e) => (
        <li key={`${e.row} ${e.says}`}>
          Row {e.row}: {e.says}
        </li>
      ))}
      <li>Nothing was taken.</li>
    </ul>
  );
}

function entriesFor(order: string, file: OrderFile, who: string): readonly Entry[] {
  const entry = entriesBy(who);
  return [
    entry("order.opened", { order }, { supplier: file.supplier, reference: file.reference }),
    // A line of its own: the file may be read in twice, or beside the order it came from.
    ...file.lines.map(({ pane, ...line }) => entry("order.line", { order, pane }, { ...line, line: uuidv7() })),
  ];
}

export default guarded(OrderImport, "Bringing an order in");
