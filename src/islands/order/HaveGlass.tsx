import { useState } from "react";
import type { Had } from "../../core/log/kinds/order.ts";
import { readsWhole } from "../../core/measure/ways.ts";
import { HAD_FROM, HAD_NAMES, type HadFrom } from "../../core/order/had.ts";
import { offTheRack, outOf, takenTo } from "../../core/order/off-the-rack.ts";
import { cutHere } from "../../core/pane/cut-here.ts";
import type { StockHere } from "../../core/pane/from-stock.ts";
import { labelOf } from "../../core/pane/order-line.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { GLASS_NAMES, type GlassKind } from "../../core/specify/glass.ts";
import { sizeWritten } from "../../core/tape/as-written.ts";
import { readTape } from "../../core/tape/read.ts";
import { typedExactly, writtenExactly } from "../../core/tape/written-exactly.ts";
import { counted } from "../../core/text/counted.ts";
import { nm } from "../../core/units/length.ts";
import { goesIn } from "../../core/words/goes-in.ts";
import { hadSays } from "../../core/words/had.ts";
import { percent } from "../../core/words/percent.ts";
import { sizeText } from "../../core/words/size-text.ts";
import { tapeErrorSentence } from "../../core/words/tape-error.ts";
import { Fold } from "../panels/Fold.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { picksOf } from "../ui/picks.ts";
import { GoesInAllTheSame } from "./GoesInAllTheSame.tsx";

const FIELDS = ["width", "height", "thickness"] as const;
type Field = (typeof FIELDS)[number];

/** Glass that is here without an order: measured, judged against this opening, and then straight on to make ready. */
export function HaveGlass({ open = false }: { readonly open?: boolean }) {
  const { book, reckoning: r, prefs, say, write, writeFirm, backOnRack, next } = usePane();
  const [rack, setRack] = useState<StockHere | null>(null);
  const [from, setFrom] = useState<HadFrom>("bought");
  const [kind, setKind] = useState<GlassKind | null>(book.glass?.kind ?? null);
  const isSheet = !readsWhole(book.way) && !isUnit(book) && book.panel === null;
  const [typed, setTyped] = useState<Readonly<Record<Field, string>>>({ width: "", height: "", thickness: "" });
  const read = Object.fromEntries(
    FIELDS.map((f) => [f, typed[f].trim() === "" ? null : readTape(typed[f], prefs.unit)]),
  ) as Readonly<Record<Field, ReturnType<typeof readTape> | null>>;
  const wrong = FIELDS.find((f) => read[f]?.ok === false);
  // Judged while it is typed, before anybody decides by it.
  const fits =
    read.width?.ok && read.height?.ok && !readsWhole(book.way)
      ? goesIn(
          r.odds,
          { width: read.width.value.adjusted, height: read.height.value.adjusted },
          { canEase: r.canEase, got: "had" },
        )
      : null;
  const form = (
    <form
      className="space-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (wrong || !read.width?.ok || !read.height?.ok) return;
        const taken =
          from === "rack" && rack
            ? takenTo(rack, { width: read.width.value.adjusted, height: read.height.value.adjusted })
            : null;
        const written = (f: Field) => ({ text: typed[f].trim(), unit: prefs.unit });
        const had: Had = {
          from,
          width: written("width"),
          height: written("height"),
          note: "",
          ...(kind !== null && isSheet && { glass: kind }),
          ...(taken ? outOf(taken) : {}),
        };
        // What lies in the rack is counted: it is one fewer, and what is left of it lies there now.
        if (taken) writeFirm("stock.cut", offTheRack(taken, book.id, labelOf(book)));
        write("order.had", read.thickness?.ok ? { ...had, thickness: written("thickness") } : had);
      }}
    >
      <div className="flex flex-wrap gap-2">
        {HAD_FROM.map((f) => (
          <label key={f} className="chip">
            <input type="radio" name="had-from" checked={from === f} onChange={() => setFrom(f)} />
            {HAD_NAMES[f]}
          </label>
        ))}
      </div>
      {r.stock.length > 0 && from === "rack" && (
        <div className="flex flex-wrap gap-2">
          {r.stock.map((s) => (
            <button
              key={`${s.pane.name}/${s.cuts}`}
              type="button"
              className="btn btn-small aria-pressed:!border-glass aria-pressed:!bg-tint"
              aria-pressed={rack?.pane.name === s.pane.name && rack.cuts === s.cuts}
              onClick={() => {
                setRack(s);
                setKind(s.pane.glass);
                setTyped({
                  width: typedExactly(nm(s.glass.width), prefs.unit),
                  height: typedExactly(nm(s.glass.height), prefs.unit),
                  thickness: typedExactly(nm(s.pane.thicknessNm), prefs.unit),
                });
              }}
            >
              {s.pane.name}
              {s.cuts > 0 && `, ${counted(s.cuts, "cut")}`}
              {(s.trouble() ?? 0) > 0.005 && `, ${percent(s.trouble() ?? 0)} trouble`}
            </button>
          ))}
        </div>
      )}
      <div className="grid grid-cols-3 gap-2">
        {FIELDS.map((f) => {
          const is = read[f];
          return (
            <label key={f}>
              <span className="text-[13px] text-mute">{f} as it is</span>
              <input
                className={`tight text-right !text-[17px] ${is?.ok === false ? "bad" : ""}`}
                aria-label={`${f} of the glass that is here`}
                aria-invalid={is?.ok === false}
                required={f !== "thickness"}
                maxLength={60}
                autoComplete="off"
                value={typed[f]}
                onChange={(e) => setTyped({ ...typed, [f]: e.target.value })}
              />
              {is?.ok === false && <span className="trouble text-[13px]">{tapeErrorSentence(is.error)}</span>}
            </label>
          );
        })}
      </div>
      {isSheet && <WhatGlass value={kind} change={setKind} />}
      {fits && <p className={fits.bad ? "note-wax" : "note-glass"}>{fits.says}</p>}
      <button type="submit" className="btn">
        Take this glass
      </button>
    </form>
  );
  const cut = cutHere(book, r);
  const cutDown = () => {
    const { had } = book;
    if (!had || !cut) return;
    const was = sizeWritten(had.width, had.height);
    write("order.had", {
      ...had,
      width: writtenExactly(cut.width),
      height: writtenExactly(cut.height),
      cuts: cut.edges,
      note: had.note || was,
    });
  };
  if (book.had)
    return (
      <div className="space-y-2">
        {hadSays(book, r, prefs.unit).map((s) => (
          <p key={s.says} className={s.bad ? "note-wax" : "note-glass"}>
            {say(s.says)}
          </p>
        ))}
        {isSheet && r.stands.kind === null && book.glass === null && (
          <WhatGlass
            value={null}
            change={(glass) => {
              if (book.had) write("order.had", { ...book.had, glass });
            }}
          />
        )}
        {r.unsafe && (r.stands.kind ?? book.glass) !== null && !book.stoodByOrder?.ids.includes("unsafe") && (
          <GoesInAllTheSame />
        )}
        {!book.set && (
          <p className="flex flex-wrap gap-2">
            {cut && (
              <button type="button" className="btn btn-main" onClick={cutDown}>
                Cut it here to {sizeText(cut.width, prefs.unit)} × {sizeText(cut.height, prefs.unit)} {prefs.unit}:{" "}
                {cut.edges === 1 ? "one edge" : "two edges"}
              </button>
            )}
            <a className={`btn ${next.station === "ready" && !cut ? "btn-main" : ""}`} href={`/panes/${book.id}/ready`}>
              Make ready
            </a>
            <button
              type="button"
              className="btn"
              onClick={() => {
                if (book.had) write("order.had", { ...book.had, gone: true });
                if (book.had?.from === "rack") backOnRack();
              }}
            >
              Not this glass after all
            </button>
          </p>
        )}
      </div>
    );
  return open ? (
    form
  ) : (
    <Fold title="I have the glass already" more="bought, off the rack, cut here">
      {form}
    </Fold>
  );
}

/** What glass it is that is here: a sheet does not say it by its size. */
const WhatGlass = ({
  value,
  change,
}: {
  readonly value: GlassKind | null;
  readonly change: (to: GlassKind) => void;
}) => (
  <PickOne
    name="What glass it is"
    of={picksOf(GLASS_NAMES)}
    value={value}
    change={change}
    unsaid="nobody said"
    className="block"
  />
);
