import {
  BAR_KINDS,
  type Bars,
  COATED,
  COATING_WAYS,
  type Coating,
  evenSpaces,
  type Found,
  HELD,
  HINGES,
  SPACINGS,
} from "../../core/measure/found.ts";
import { HANG, type Place } from "../../core/measure/places.ts";
import { readTape } from "../../core/tape/read.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { barsText, coatingText, hingeWords } from "../../core/words/found.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { barLines } from "../../drawing/bar-lines.ts";
import { Fold } from "../parts/Fold.tsx";
import { Length } from "../parts/Length.tsx";
import { usePane } from "../parts/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../parts/ReadingField.tsx";

const NO_BARS: Bars = {
  uprights: 0,
  crosses: 0,
  width: null,
  colour: "white",
  kind: "flat",
  spacing: "even",
  given: "",
};
const NOTHING: Found = { hinge: "not-said", marks: "", spacerDate: "", held: "not-said" };

/** Bars, coating, marks and how it hangs: what later stations need to know, found while the tape is out. */
export function FoundPart({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, say } = usePane();
  const found = [book.bars ? barsText(book.bars) : "", book.coating ? coatingText(book.coating) : ""].filter(Boolean);
  return (
    <Fold title="Bars, coating, marks, hinges" more={say(found.join(". ") || "for the stations after")}>
      <BarsForm />
      <CoatingForm />
      <HangForm ask={ask} />
    </Fold>
  );
}

function BarsForm() {
  const { book, reckoning: r, prefs, say, write } = usePane();
  const bars = book.bars ?? NO_BARS;
  const change = (to: Partial<Bars>) => write("measure.bars", { ...bars, ...to });
  const size = r.cut.ok ? r.cut.value.glass : { width: mm(600), height: mm(800) };
  const read = bars.width && readTape(bars.width.text, bars.width.unit);
  const barWidth = read?.ok ? toMm(read.value.adjusted) : 18;
  const drawn = barLines({
    width: toMm(size.width),
    height: toMm(size.height),
    uprights: bars.uprights,
    crosses: bars.crosses,
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
          <Choice name="made" value={bars.kind} of={BAR_KINDS} change={(kind) => change({ kind })} />
          <Choice name="spaced" value={bars.spacing} of={SPACINGS} change={(spacing) => change({ spacing })} />
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
        {book.bars && <p className="note-glass">{barsText(book.bars)}</p>}
        {bars.spacing === "even" && bars.uprights > 0 && r.cut.ok && (
          <p className="text-[13px]">
            Clear between uprights:{" "}
            <Length nm={mm(evenSpaces(toMm(size.width), bars.uprights, barWidth))} unit={prefs.unit} withUnit />
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

function CoatingForm() {
  const { book, say, write } = usePane();
  const coating: Coating = book.coating ?? { coated: "unsure", face: null, how: "" };
  const change = (to: Partial<Coating>) => write("measure.coating", { ...coating, ...to });
  return (
    <section className="space-y-2">
      <p className="text-[13px]">Is the glass coated? Look one of these ways:</p>
      <ul className="list-disc pl-5 text-[13px]">
        {COATING_WAYS.map((w) => (
          <li key={w}>{w}</li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-1.5">
        {COATED.map((coated) => (
          <label key={coated} className="chip">
            <input
              type="radio"
              name="coated"
              checked={book.coating?.coated === coated}
              onChange={() => change({ coated, face: coated === "yes" ? coating.face : null })}
            />
            {coated === "yes" ? "coated" : coated === "no" ? "not coated" : "unsure"}
          </label>
        ))}
        {coating.coated === "yes" && book.coating && (
          <label className="inline-flex items-center gap-2 text-[13px]">
            face, counted from outside
            <select
              className="!w-auto"
              value={coating.face ?? ""}
              onChange={(e) => change({ face: e.target.value ? Number(e.target.value) : null })}
            >
              <option value="">not said</option>
              {[1, 2, 3, 4].map((f) => (
                <option key={f}>{f}</option>
              ))}
            </select>
          </label>
        )}
      </div>
      {book.coating && (
        <p className={book.coating.coated === "unsure" ? "note-wax" : "note-glass"}>{say(coatingText(book.coating))}</p>
      )}
    </section>
  );
}

function HangForm({ ask }: { readonly ask: (place: Place) => void }) {
  const { book, reckoning: r, prefs, say, write } = usePane();
  const found = book.found ?? NOTHING;
  const change = (to: Partial<Found>) => write("measure.found", { ...found, ...to });
  const [hinge, handle] = [r.readings["head-gap-hinge"], r.readings["head-gap-handle"]];
  const text = (key: "marks" | "spacerDate", name: string, how: string) => (
    <label>
      <span className="text-[13px] text-mute">{name}</span>
      <input
        key={found[key]}
        maxLength={200}
        placeholder={how}
        defaultValue={found[key]}
        onBlur={(e) => e.target.value !== found[key] && change({ [key]: e.target.value })}
      />
    </label>
  );
  return (
    <section className="space-y-2">
      <div className="grid grid-cols-2 gap-2">
        {text("marks", "Marks on the glass", "as printed in the corner")}
        {text("spacerDate", "Date in the spacer", "as stamped")}
        <label>
          <span className="text-[13px] text-mute">Hangs</span>
          <select value={found.hinge} onChange={(e) => change({ hinge: e.target.value as Found["hinge"] })}>
            {HINGES.map((h) => (
              <option key={h} value={h}>
                {hingeWords(h)}
              </option>
            ))}
          </select>
        </label>
        <Choice name="held by" value={found.held} of={HELD} change={(held) => change({ held })} />
        {HANG.map((p) => (
          <ReadingField key={p} place={p} label={say(PLACE_NAMES[p])} onFocus={ask} />
        ))}
      </div>
      <ReadingTrouble places={HANG} />
      {hinge !== undefined && handle !== undefined && handle > hinge && (
        <p className="note-glass">
          The handle corner has dropped <Length nm={handle - hinge} unit={prefs.unit} withUnit />: it is lifted by{" "}
          {say("{packers}")} when the {say("{pane}")} is set.
        </p>
      )}
    </section>
  );
}

type ChoiceProps<T extends string> = {
  readonly name: string;
  readonly value: T;
  readonly of: readonly T[];
  readonly change: (to: T) => void;
};

const Choice = <T extends string>({ name, value, of, change }: ChoiceProps<T>) => (
  <label>
    <span className="text-[13px] text-mute">{name}</span>
    <select value={value} onChange={(e) => change(e.target.value as T)}>
      {of.map((o) => (
        <option key={o} value={o}>
          {o.replace("-", " ")}
        </option>
      ))}
    </select>
  </label>
);
