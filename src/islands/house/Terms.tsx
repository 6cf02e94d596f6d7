import Papa from "papaparse";
import { useState } from "react";
import type { Supplier } from "../../core/firm/firm.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import { NO_MONEY } from "../../core/money/pence.ts";
import { MAKES_NAMES, MAKES_OF } from "../../core/order/sources.ts";
import { TAKES, TAKES_NAMES } from "../../core/order/their-cutting.ts";
import { safeCell } from "../../core/round/safe-cell.ts";
import { GRIDS, type LengthUnit } from "../../core/units/length.ts";
import { money } from "../../core/words/money.ts";
import {
  PRICE_COLUMNS,
  type PriceRow,
  type PriceRowError,
  priceRows,
  termsFromRows,
} from "../../core/words/price-csv.ts";
import { Fold } from "../panels/Fold.tsx";
import { MmField } from "../ui/MmField.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import type { Say } from "../ui/say.ts";

const UNITS_IN = ["mm", "in"] as const;
/** Stands for a supplier who said nothing of their grid. */
const TAPES_OWN = "own";

/** How they cut and take an order. */
function TheirWay({
  now,
  set,
  say,
  unit,
}: Pick<Props, "say" | "set"> & { readonly now: Terms; readonly unit: LengthUnit }) {
  const promise = now.tolerance;
  return (
    <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
      <PickOne
        name="cuts to"
        of={[[TAPES_OWN, "the tape's own grid"], ...asTheyAre(GRIDS)]}
        value={now.grid ?? TAPES_OWN}
        change={(grid) => set({ ...now, grid: GRIDS.find((g) => g === grid) })}
      />
      {(["smallMm", "largeMm"] as const).map((side) => (
        <MmField
          key={side}
          name={side === "smallMm" ? "within, short side" : "within, long side"}
          unit={unit}
          most={10}
          unsaid="house rule"
          value={promise?.[side] ?? null}
          change={(to) =>
            to === null
              ? promise && set({ ...now, tolerance: undefined })
              : set({ ...now, tolerance: { smallMm: to, largeMm: to, ...promise, [side]: to } })
          }
        />
      ))}
      {now.makes.includes("units") && (
        <PickOne
          name={say("makes {units} in")}
          of={[
            ["both", "millimetres and inches"],
            ["mm", "millimetres only"],
            ["in", "inches only"],
          ]}
          value={now.unitsIn ?? "both"}
          change={(to) => set({ ...now, unitsIn: UNITS_IN.find((u) => u === to) })}
        />
      )}
      <PickOne
        name="takes orders"
        of={TAKES.map((t) => [t, TAKES_NAMES[t]])}
        value={now.takes ?? "by-hand"}
        change={(takes) => set({ ...now, takes })}
      />
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
    leastPence: NO_MONEY,
    deliveryPence: NO_MONEY,
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
      <TheirWay now={now} set={set} say={say} unit={supplier.unit} />
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
