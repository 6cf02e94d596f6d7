import { useState } from "react";
import { namesKnown } from "../../core/house/same-glass.ts";
import type { StockPane } from "../../core/house/stock.ts";
import type { Payloads } from "../../core/log/kinds.ts";
import { GLASS_KINDS, GLASS_NAMES, type GlassKind } from "../../core/specify/glass.ts";
import { nm } from "../../core/units/length.ts";
import { say } from "../../core/words/dialect.ts";
import { sheetText } from "../../core/words/glass.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { KnownNames, useNamesOf } from "../ui/KnownNames.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { Size } from "../ui/Size.tsx";
import { lengthIn, ReadLength } from "./ReadLength.tsx";

type Props = {
  readonly stock: readonly StockPane[];
  readonly prefs: Prefs;
  readonly write: (p: Payloads["stock.pane"]) => void;
};

const EMPTY = { name: "", width: "", height: "", thickness: "", glass: "float" as GlassKind, pattern: "", tint: "" };

/** Sizes that can be had without cutting. */
export function StockPanes({ stock, prefs, write }: Props) {
  const [patterns, tints] = [useNamesOf("patterns-known"), useNamesOf("tints-known")];
  const [form, setForm] = useState(EMPTY);
  const change = (to: Partial<typeof EMPTY>) => setForm({ ...form, ...to });
  const [width, height, thickness] = [
    lengthIn(form.width, prefs.unit),
    lengthIn(form.height, prefs.unit),
    lengthIn(form.thickness, prefs.unit),
  ];
  const ready = width !== undefined && height !== undefined && thickness !== undefined && form.name.trim() !== "";
  return (
    <section id="stock" className="space-y-3">
      <h2>Glass in stock</h2>
      <p className="text-mute">Sizes on the shelf, or sold as they are: Measure looks here for the fewest cuts.</p>
      <ul className="rows bg-sheet px-4">
        {stock.length === 0 && <li className="py-2 text-mute">Nothing is listed.</li>}
        {stock.map((p) => (
          <li key={p.name} className="flex flex-wrap items-center justify-between gap-x-4 py-2">
            <span>
              <strong className="font-semibold">{p.name}</strong>, {sheetText(p, prefs)}
            </span>
            <span className="inline-flex items-center gap-3">
              <span>
                <Size width={nm(p.widthNm)} height={nm(p.heightNm)} unit={prefs.unit} made /> {prefs.unit}
              </span>
              <button
                type="button"
                className="btn btn-small"
                aria-label={`Take ${p.name} off the list`}
                onClick={() => write({ ...p, gone: true })}
              >
                Off
              </button>
            </span>
          </li>
        ))}
      </ul>
      <form
        className="grid grid-cols-2 items-end gap-2 sm:grid-cols-[2fr_1fr_1fr_5rem_1.4fr_auto]"
        onSubmit={(e) => {
          e.preventDefault();
          if (width === undefined || height === undefined || thickness === undefined) return;
          write({
            name: form.name.trim(),
            widthNm: width,
            heightNm: height,
            thicknessNm: thickness,
            glass: form.glass,
            ...(form.glass === "patterned" && form.pattern.trim() && { pattern: form.pattern.trim() }),
            ...(form.tint.trim() && { tint: form.tint.trim() }),
          });
          setForm(EMPTY);
        }}
      >
        <label>
          <span className="text-[13px] text-mute">Name on the shelf</span>
          <input required maxLength={120} value={form.name} onChange={(e) => change({ name: e.target.value })} />
        </label>
        <ReadLength
          name="width"
          label={`Width, ${prefs.unit}`}
          text={form.width}
          unit={prefs.unit}
          type={(width) => change({ width })}
        />
        <ReadLength
          name="height"
          label={`Height, ${prefs.unit}`}
          text={form.height}
          unit={prefs.unit}
          type={(height) => change({ height })}
        />
        <ReadLength
          name="thickness"
          label={`Thickness, ${prefs.unit}`}
          text={form.thickness}
          unit={prefs.unit}
          type={(thickness) => change({ thickness })}
        />
        <PickOne
          name="Kind"
          of={GLASS_KINDS.map((k) => [k, say(GLASS_NAMES[k], prefs.dialect)])}
          value={form.glass}
          change={(glass) => change({ glass })}
        />
        {form.glass === "patterned" && (
          <label>
            <span className="text-[13px] text-mute">Pattern</span>
            <input
              {...patterns}
              maxLength={60}
              value={form.pattern}
              onChange={(e) => change({ pattern: e.target.value })}
            />
          </label>
        )}
        <label>
          <span className="text-[13px] text-mute">Tint, if any</span>
          <input {...tints} maxLength={60} value={form.tint} onChange={(e) => change({ tint: e.target.value })} />
        </label>
        {form.glass === "patterned" && (
          <KnownNames
            id="patterns-known"
            names={namesKnown(stock, "pattern")}
            take={(pattern) => change({ pattern })}
          />
        )}
        <KnownNames id="tints-known" names={namesKnown(stock, "tint")} take={(tint) => change({ tint })} />
        <button type="submit" className="btn" disabled={!ready}>
          Add to stock
        </button>
      </form>
    </section>
  );
}
