import { useState } from "react";
import { penceIn } from "../../core/money/read-money.ts";
import type { BenchGroup } from "../../core/page/bench-page.ts";
import { type Looks, RUN_NAMES, RUNS } from "../../core/specify/looks.ts";
import { readTape } from "../../core/tape/read.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { Fold } from "../panels/Fold.tsx";
import { NOT_MONEY } from "../ui/MoneyField.tsx";
import { PickOne } from "../ui/PickOne.tsx";

const EMPTY = {
  name: "",
  width: "",
  height: "",
  count: "1",
  price: "",
  slot: "",
  least: "",
  bought: false,
  runs: null as Exclude<Looks["runs"], "not-said"> | null,
};

/** One more sheet or off-cut of this kind of glass. */
export function StockForm({ group, prefs }: { readonly group: BenchGroup; readonly prefs: Prefs }) {
  const [form, setForm] = useState(EMPTY);
  const [wrong, setWrong] = useState<string | null>(null);
  const change = (to: Partial<typeof EMPTY>) => setForm({ ...form, ...to });
  const add = async () => {
    const [w, h] = [readTape(form.width, prefs.unit), readTape(form.height, prefs.unit)];
    if (!w.ok || !h.ok) return setWrong("Give width and height as the tape shows them.");
    const cost = form.price.trim() === "" ? undefined : penceIn(form.price);
    if (cost === null) return setWrong(NOT_MONEY);
    const refused = await handOver([
      entriesBy(prefs.who)(
        "stock.pane",
        {},
        {
          name: form.name.trim(),
          widthNm: w.value.exact,
          heightNm: h.value.exact,
          thicknessNm: group.thicknessNm,
          glass: group.glass,
          ...(group.pattern && { pattern: group.pattern }),
          ...(group.tint && { tint: group.tint }),
          ...(form.runs && { runs: form.runs }),
          ...(Number(form.least) > 0 && { least: Math.round(Number(form.least)) }),
          ...(form.bought ? { bought: true } : { count: Math.max(1, Math.round(Number(form.count) || 1)) }),
          ...(cost !== undefined && { costPence: cost }),
          ...(form.slot.trim() && { slot: form.slot.trim() }),
        },
      ),
    ]);
    if (refused) setWrong(refused);
    else location.reload();
  };
  return (
    <Fold title="Add a sheet or an off-cut">
      <form
        className="grid grid-cols-2 gap-2 sm:grid-cols-4"
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
      >
        {group.glass === "patterned" && (
          <PickOne
            name={`Pattern runs, as width and height are given${group.pattern ? `: ${group.pattern}` : ""}`}
            className="col-span-2 block sm:col-span-4"
            of={RUNS.flatMap((r) => (r === "not-said" ? [] : [[r, RUN_NAMES[r]] as const]))}
            value={form.runs}
            field="runs"
            change={(runs) => change({ runs })}
          />
        )}
        <input
          className="col-span-2"
          aria-label="Name"
          placeholder="Name"
          required
          maxLength={120}
          value={form.name}
          onChange={(e) => change({ name: e.target.value })}
        />
        <input
          aria-label={`Width, ${prefs.unit}`}
          placeholder={`width, ${prefs.unit}`}
          required
          value={form.width}
          onChange={(e) => change({ width: e.target.value })}
        />
        <input
          aria-label={`Height, ${prefs.unit}`}
          placeholder={`height, ${prefs.unit}`}
          required
          value={form.height}
          onChange={(e) => change({ height: e.target.value })}
        />
        <input
          aria-label="How many"
          inputMode="numeric"
          disabled={form.bought}
          value={form.count}
          onChange={(e) => change({ count: e.target.value })}
        />
        <input
          aria-label="Price of one"
          placeholder="price of one"
          inputMode="decimal"
          value={form.price}
          onChange={(e) => change({ price: e.target.value })}
        />
        <input
          aria-label="Rack slot"
          placeholder="rack slot"
          maxLength={60}
          value={form.slot}
          onChange={(e) => change({ slot: e.target.value })}
        />
        <input
          aria-label="Buy more below"
          placeholder="buy more below"
          inputMode="numeric"
          value={form.least}
          onChange={(e) => change({ least: e.target.value })}
        />
        <label className="flex items-center gap-2 text-[13px]">
          <input type="checkbox" checked={form.bought} onChange={(e) => change({ bought: e.target.checked })} /> bought
          as needed
        </label>
        <button type="submit" className="btn col-span-2 sm:col-span-4">
          Add
        </button>
      </form>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
    </Fold>
  );
}
