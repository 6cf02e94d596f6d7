import type { Payloads } from "../../core/log/kinds.ts";
import type { Supplier } from "../../core/round/book.ts";
import { SupplierTerms } from "./Terms.tsx";

type Props = {
  readonly suppliers: readonly Supplier[];
  readonly terms: ReadonlyMap<string, Payloads["supplier.terms"]>;
  readonly currency: string;
  readonly say: (sentence: string) => string;
  readonly add: (s: Payloads["supplier.added"]) => void;
  readonly setTerms: (t: Payloads["supplier.terms"]) => void;
};

/** Whom the firm buys from, in which unit they cut, and how long they take. A name given again replaces the old. */
export const Suppliers = ({ suppliers, terms, currency, say, add, setTerms }: Props) => (
  <section id="suppliers" className="space-y-3">
    <h2>Suppliers</h2>
    <ul className="rows bg-sheet px-4">
      {suppliers.map((s) => (
        <li key={s.name} className="flex flex-wrap justify-between gap-x-4 gap-y-1 py-2">
          <span>
            <strong className="font-semibold">{s.name}</strong>, {s.cuts}
          </span>
          <span className="text-mute">
            {s.unit}, {s.leadDays} working {s.leadDays === 1 ? "day" : "days"}
          </span>
          <div className="w-full">
            <SupplierTerms supplier={s} terms={terms.get(s.name)} currency={currency} say={say} set={setTerms} />
          </div>
        </li>
      ))}
    </ul>
    <form
      className="grid grid-cols-2 items-end gap-2 sm:grid-cols-[2fr_2fr_5rem_6rem_auto]"
      onSubmit={(e) => {
        e.preventDefault();
        const form = new FormData(e.currentTarget);
        add({
          name: String(form.get("name")).trim(),
          cuts: String(form.get("cuts") ?? ""),
          unit: form.get("unit") === "in" ? "in" : "mm",
          leadDays: Math.round(Number(form.get("lead"))),
        });
        e.currentTarget.reset();
      }}
    >
      <label>
        <span className="text-[13px] text-mute">Name</span>
        <input name="name" required maxLength={120} pattern=".*\S.*" />
      </label>
      <label>
        <span className="text-[13px] text-mute">What they cut</span>
        <input name="cuts" maxLength={200} />
      </label>
      <label>
        <span className="text-[13px] text-mute">Unit</span>
        <select name="unit">
          <option>mm</option>
          <option>in</option>
        </select>
      </label>
      <label>
        <span className="text-[13px] text-mute">Days</span>
        <input name="lead" type="number" min={0} max={365} defaultValue={3} required />
      </label>
      <button type="submit" className="btn">
        Add
      </button>
    </form>
  </section>
);
