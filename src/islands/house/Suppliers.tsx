import { useState } from "react";
import type { Supplier } from "../../core/firm/firm.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import { realTolerance } from "../../core/order/tolerance.ts";
import type { SupplierRecord } from "../../core/pane/source-facts.ts";
import { plural } from "../../core/text/counted.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import type { Say } from "../ui/say.ts";
import { SupplierTerms } from "./Terms.tsx";

/** What the firm has seen of a supplier: panes sent back, and how their cutting really is. */
function Record({ record }: { readonly record: SupplierRecord | undefined }) {
  if (!record || record.panes === 0) return null;
  const t = realTolerance(record.offMm);
  return (
    <span className="w-full text-[13px] text-mute">
      {record.sentBack} of {record.panes} panes sent back
      {t &&
        `; measured on ${t.sides} sides: ${t.meanMm >= 0 ? "+" : "−"}${Math.abs(t.meanMm).toFixed(1)} mm on average${t.spreadMm === null ? "" : `, spread ${t.spreadMm.toFixed(1)}`}, ${Math.abs(t.worstMm).toFixed(1)} at the worst`}
    </span>
  );
}

/** The unit they cut in, for the form that it stands in. */
function UnitPick() {
  const [unit, setUnit] = useState<LengthUnit>("mm");
  return <PickOne name="Unit" field="unit" of={asTheyAre(UNITS)} value={unit} change={setUnit} />;
}
const UNITS: readonly LengthUnit[] = ["mm", "in"];

type Props = {
  readonly suppliers: readonly Supplier[];
  readonly terms: ReadonlyMap<string, Payloads["supplier.terms"]>;
  readonly currency: string;
  readonly records: readonly SupplierRecord[];
  readonly say: Say;
  readonly add: (s: Payloads["supplier.added"]) => void;
  readonly setTerms: (t: Payloads["supplier.terms"]) => void;
};

/** Whom the firm buys from, in which unit they cut, and how long they take. A name given again replaces the old. */
export const Suppliers = ({ suppliers, terms, records, currency, say, add, setTerms }: Props) => (
  <section id="suppliers" className="space-y-3">
    <h2>Suppliers</h2>
    <ul className="rows bg-sheet px-4">
      {suppliers.map((s) => (
        <li key={s.name} className="flex flex-wrap justify-between gap-x-4 gap-y-1 py-2">
          <span>
            <strong className="font-semibold">{s.name}</strong>, {s.cuts}
          </span>
          <span className="text-mute">
            {s.unit}, {s.leadDays} working {plural(s.leadDays, "day")}
          </span>
          <Record record={records.find((r) => r.name === s.name)} />
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
      <UnitPick />
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
