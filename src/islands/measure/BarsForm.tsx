import { barPlaces, USUAL_BAR_MM } from "../../core/measure/bar-places.ts";
import { barsErrorSentence } from "../../core/measure/bars-fault.ts";
import { BAR_KINDS, type Bars, evenSpaces, NO_BARS, SPACINGS } from "../../core/measure/found.ts";
import { readTape } from "../../core/tape/read.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { barsText } from "../../core/words/found.ts";
import { barLines } from "../../drawing/bar-lines.ts";
import { usePane } from "../panels/pane-context.ts";
import { Length } from "../ui/Length.tsx";
import { PickOne } from "../ui/PickOne.tsx";

/** Bars inside the unit or between lights, counted and drawn back. */
export function BarsForm() {
  const { book, reckoning: r, prefs, say, write } = usePane();
  const bars = book.bars ?? NO_BARS;
  const change = (to: Partial<Bars>) => write("measure.bars", { ...bars, ...to });
  const size = r.cut.ok ? r.cut.value.glass : { width: mm(600), height: mm(800) };
  const read = bars.width && readTape(bars.width.text, bars.width.unit);
  const barWidth = read?.ok ? toMm(read.value.adjusted) : USUAL_BAR_MM;
  const placed = barPlaces(bars, { widthMm: toMm(size.width), heightMm: toMm(size.height) });
  const drawn = barLines({
    width: toMm(size.width),
    height: toMm(size.height),
    uprights: placed.ok ? placed.value.uprights : [],
    crosses: placed.ok ? placed.value.crosses : [],
    bar: barWidth,
    box: { width: 96, height: 120 },
  });
  const count = (key: "uprights" | "crosses", name: string) => (
    <label>
      <span className="text-[13px] text-mute">{name}</span>
      <input
        type="number"
        min={0}
        max={40}
        className="tight"
        value={bars[key]}
        onChange={(e) => change({ [key]: Math.min(40, Math.max(0, Math.trunc(Number(e.target.value) || 0))) })}
      />
    </label>
  );
  return (
    <section className="grid grid-cols-[1fr_96px] gap-3">
      <div className="space-y-2">
        <p className="text-[13px]">
          {say("Count the bars in the {unit} as they stand before you; measure one across.")}
        </p>
        <button
          type="button"
          className="btn"
          aria-pressed={book.bars !== null && book.bars.uprights + book.bars.crosses === 0}
          onClick={() => write("measure.bars", NO_BARS)}
        >
          No bars
        </button>
        <div className="grid grid-cols-3 gap-2">
          {count("uprights", "uprights")}
          {count("crosses", "crosses")}
          <label>
            <span className="text-[13px] text-mute">width</span>
            <input
              key={bars.width?.text}
              className={`tight ${read && !read.ok ? "bad" : ""}`}
              maxLength={60}
              defaultValue={bars.width?.text ?? ""}
              onBlur={(e) =>
                change({ width: e.target.value.trim() === "" ? null : { text: e.target.value, unit: prefs.unit } })
              }
            />
          </label>
          <label>
            <span className="text-[13px] text-mute">colour</span>
            <input
              key={bars.colour}
              maxLength={60}
              defaultValue={bars.colour}
              onBlur={(e) => e.target.value !== bars.colour && change({ colour: e.target.value })}
            />
          </label>
        </div>
        <div className="grid grid-cols-2 gap-2">
          <PickOne
            name="made"
            of={BAR_KINDS.map((k) => [k, k.replace("-", " ")] as const)}
            value={bars.kind}
            change={(kind) => change({ kind })}
          />
          <PickOne
            name="spaced"
            of={SPACINGS.map((s) => [s, s.replace("-", " ")] as const)}
            value={bars.spacing}
            change={(spacing) => change({ spacing })}
          />
        </div>
        {bars.spacing === "given" && (
          <label>
            <span className="text-[13px] text-mute">Clear spaces, left to right, then bottom to top</span>
            <input
              className="tight"
              maxLength={200}
              defaultValue={bars.given}
              onBlur={(e) => change({ given: e.target.value })}
            />
          </label>
        )}
        {!placed.ok && r.cut.ok && <p className="trouble">{barsErrorSentence(placed.error)}</p>}
        {book.bars && <p className="note-glass">{barsText(book.bars)}</p>}
        {bars.spacing === "even" && r.cut.ok && (
          <p className="text-[13px]">
            {bars.uprights > 0 && (
              <>
                Clear between uprights:{" "}
                <Length nm={mm(evenSpaces(toMm(size.width), bars.uprights, barWidth))} unit={prefs.unit} withUnit />.{" "}
              </>
            )}
            {bars.crosses > 0 && (
              <>
                Clear between crosses:{" "}
                <Length nm={mm(evenSpaces(toMm(size.height), bars.crosses, barWidth))} unit={prefs.unit} withUnit />.
              </>
            )}
          </p>
        )}
      </div>
      <svg viewBox="0 0 96 120" className="self-start bg-sheet" role="img" aria-label={barsText(bars)}>
        <path d={drawn.pane} className="d-pane" />
        {drawn.bars.map((b) => (
          <path key={b} d={b} className="d-frame" />
        ))}
      </svg>
    </section>
  );
}
