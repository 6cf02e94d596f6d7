import Papa from "papaparse";
import { useState } from "react";
import type { Supplier } from "../../core/firm/firm.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import { MAKES_NAMES, MAKES_OF } from "../../core/order/sources.ts";
import { TAKES, TAKES_NAMES } from "../../core/order/their-cutting.ts";
import { safeCell } from "../../core/round/safe-cell.ts";
import { GRIDS } from "../../core/units/length.ts";
import { money } from "../../core/words/money.ts";
import {
  PRICE_COLUMNS,
  type PriceRow,
  type PriceRowError,
  priceRows,
  termsFromRows,
} from "../../core/words/price-csv.ts";
import { Fold } from "../panels/Fold.tsx";
import type { Say } from "../ui/say.ts";

const UNITS_IN = ["mm", "in"] as const;

/** How they cut and take an order. */
function TheirWay({ now, set, say }: Pick<Props, "say" | "set"> & { readonly now: Terms }) {
  const promise = now.tolerance;
  return (
    <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
      <label>
        <span className="text-[13px] text-mute">cuts to</span>
        <select value={now.grid ?? ""} onChange={(e) => set({ ...now, grid: GRIDS.find((g) => g === e.target.value) })}>
          <option value="">the tape's own grid</option>
          {GRIDS.map((g) => (
            <option key={g}>{g}</option>
          ))}
        </select>
      </label>
      {(["smallMm", "largeMm"] as const).map((side) => (
        <label key={side}>
          <span className="text-[13px] text-mute">
            {side === "smallMm" ? "within, short side, mm" : "within, long side, mm"}
          </span>
          <input
            key={promise?.[side]}
            type="number"
            min={0}
            max={10}
            step="any"
            className="tight text-right"
            placeholder="house rule"
            defaultValue={promise?.[side] ?? ""}
            onBlur={(e) => {
              const to = e.target.value === "" ? null : e.target.valueAsNumber;
              if (to === null) return promise && set({ ...now, tolerance: undefined });
              if (Number.isFinite(to) && to >= 0 && to <= 10 && to !== promise?.[side])
                set({ ...now, tolerance: { smallMm: to, largeMm: to, ...promise, [side]: to } });
            }}
          />
        </label>
      ))}
      {now.makes.includes("units") && (
        <label>
          <span className="text-[13px] text-mute">{say("makes {units} in")}</span>
          <select
            value={now.unitsIn ?? ""}
            onChange={(e) => set({ ...now, unitsIn: UNITS_IN.find((u) => u === e.target.value) })}
          >
            <option value="">millimetres and inches</option>
            <option value="mm">millimetres only</option>
            <option value="in">inches only</option>
          </select>
        </label>
      )}
      <label>
        <span className="text-[13px] text-mute">takes orders</span>
        <select
          value={now.takes ?? "by-hand"}
          onChange={(e) => set({ ...now, takes: TAKES.find((t) => t === e.target.value) })}
        >
          {TAKES.map((t) => (
            <option key={t} value={t}>
              {TAKES_NAMES[t]}
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}

type Terms = Payloads["supplier.terms"];
type Props = {
  readonly supplier: Supplier;
  readonly terms: Terms | undefined;
  readonly currency: string;
  readonly say: Say;
  readonly set: (terms: Terms) => void;
};

/** What one supplier makes and asks: ticked here, prices as a table that a spreadsheet reads and writes. */
export function SupplierTerms({ supplier, terms, currency, say, set }: Props) {
  const [errors, setErrors] = useState<readonly PriceRowError[]>([]);
  const now: Terms = terms ?? {
    name: supplier.name,
    makes: [],
    leastPence: 0,
    deliveryPence: 0,
    products: [],
    extras: [],
  };
  const rows = priceRows(now);
  const take = async (file: File) => {
    const parsed = Papa.parse<Partial<PriceRow>>(await file.text(), { header: true, skipEmptyLines: true });
    const missing = PRICE_COLUMNS.filter((c) => !(parsed.meta.fields ?? []).includes(c));
    if (missing.length > 0)
      return setErrors([
        { row: 1, says: `The heading row has no column ${missing.join(", ")}: take the file below and fill it in.` },
      ]);
    const read = termsFromRows(parsed.data, now);
    if (!read.ok) return setErrors(read.errors);
    setErrors([]);
    set(read.terms);
  };
  const file = `data:text/csv;charset=utf-8,${encodeURIComponent(Papa.unparse(safeRows(rows), { columns: [...PRICE_COLUMNS], newline: "\r\n", quotes: true }))}`;
  return (
    <Fold
      as="small"
      title={`Prices of ${supplier.name}`}
      more={terms ? `${now.products.length} by area, least ${money(now.leastPence, currency)}` : "none yet"}
    >
      <div className="flex flex-wrap gap-1.5">
        {MAKES_OF.map((m) => (
          <label key={m} className="chip">
            <input
              type="checkbox"
              checked={now.makes.includes(m)}
              onChange={() =>
                set({ ...now, makes: now.makes.includes(m) ? now.makes.filter((x) => x !== m) : [...now.makes, m] })
              }
            />
            {say(MAKES_NAMES[m])}
          </label>
        ))}
      </div>
      <TheirWay now={now} set={set} say={say} />
      <div className="overflow-x-auto">
        <table className="w-full max-w-md border-collapse text-[14px]">
          <thead className="text-left text-[12px] text-mute">
            <tr>
              {PRICE_COLUMNS.map((c) => (
                <th key={c} className={`font-normal ${c === "price" ? "text-right" : "pl-3"}`}>
                  {c}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((r) => (
              <tr key={r.what} className="border-t border-line">
                <td className="py-1 pl-3">{r.what}</td>
                <td className="tight text-right">{r.price}</td>
                <td className="pl-3">{r.per}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <a
          className="btn btn-small"
          href={file}
          download={`prices-${supplier.name.replace(/[^A-Za-z0-9]+/g, "-")}.csv`}
        >
          Take the list as CSV
        </a>
        <label className="btn btn-small cursor-pointer">
          Bring a list in
          <input
            type="file"
            className="sr-only"
            aria-label={`Price list of ${supplier.name}, CSV`}
            accept=".csv,text/csv"
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              e.target.value = "";
              if (chosen) void take(chosen);
            }}
          />
        </label>
      </div>
      {errors.length > 0 && (
        <ul className="note-wax" role="alert">
          {errors.slice(0, 20).map((e) => (
            <li key={`${e.row} ${e.says}`}>
              Row {e.row}: {e.says}
            </li>
          ))}
          <li>Nothing was changed.</li>
        </ul>
      )}
    </Fold>
  );
}

/** Each cell so that no spreadsheet runs it. */
const safeRows = (rows: readonly object[]): object[] =>
  rows.map((row) =>
    Object.fromEntries(Object.entries(row).map(([k, v]) => [k, typeof v === "string" ? safeCell(v) : v])),
  );
