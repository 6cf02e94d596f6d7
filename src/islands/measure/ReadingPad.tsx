import { type ReactNode, useEffect, useReducer, useRef, useState } from "react";
import { askedOf } from "../../core/measure/asked-of.ts";
import { HANG, type Place, REBATE } from "../../core/measure/places.ts";
import { CIRCUMSTANCES, WAY_FACTS } from "../../core/measure/ways.ts";
import { isReadHere } from "../../core/pane/as-read.ts";
import type { PaneBook } from "../../core/pane/book.ts";
import { CONVERSION_READS, isRouted } from "../../core/pane/conversion.ts";
import { hingeOf } from "../../core/pane/hangs.ts";
import { oldGlassOnly } from "../../core/pane/old-glass.ts";
import { stateName } from "../../core/pane/read-from.ts";
import { asWritten } from "../../core/tape/as-written.ts";
import { howToRead, PLACE_NAMES } from "../../core/words/places.ts";
import { usePane } from "../panels/pane-context.ts";
import { Fraction } from "../ui/Length.tsx";
import { COMES_TO } from "./comes-to.ts";
import { GlassIsOut } from "./GlassIsOut.tsx";
import { emptyPad, lowest, type Pad, padText, tapped } from "./pad.ts";
import { TapeStrip } from "./TapeStrip.tsx";

/** What is read, one after another, by this way of measuring; a sash that is to hold a unit is read for its timber too. */
const orderOf = (book: PaneBook): readonly Place[] => (oldGlassOnly(book) ? packedBy(book) : sizedBy(book));

/** Gaps above it where it hangs on its side, then the glass itself. */
const packedBy = (book: PaneBook): readonly Place[] => [
  ...(["left", "right"].includes(hingeOf(book)) ? HANG : []),
  ...WAY_FACTS["old-unit"].wanted,
];

const sizedBy = (book: PaneBook): readonly Place[] => [
  ...(book.way === "rebate"
    ? [...askedOf(book.shape), ...REBATE]
    : (WAY_FACTS[book.way].inTurn ?? WAY_FACTS[book.way].wanted)),
  ...(isRouted(book) ? CONVERSION_READS.filter((p) => !(REBATE as readonly Place[]).includes(p)) : []),
];

type Props = {
  readonly place: Place | null;
  readonly ask: (place: Place) => void;
  readonly drawing: (place: Place) => ReactNode;
};

/** One reading a screen, for one thumb on a ladder. */
export function ReadingPad(props: Props) {
  const { prefs } = usePane();
  // A unit that was chosen for everything is the pad's too.
  return <PadIn key={prefs.unit} {...props} />;
}

function PadIn({ place, ask, drawing }: Props) {
  const { book, prefs, keep, say } = usePane();
  const order = orderOf(book);
  const here =
    place !== null && order.includes(place)
      ? place
      : (nextUnread(order, book.readings, null) ?? order[0] ?? "width-top");
  const [pad, tap] = useReducer(tapped, prefs.unit, emptyPad);
  const [fine, setFine] = useState(false);
  const kept = book.readings[here];
  const asked = useRef<HTMLDivElement>(null);
  const askedOf = useRef(here);
  // Another reading is asked: what it is stands in sight, though the thumb had scrolled down to the last key.
  useEffect(() => {
    if (askedOf.current === here) return;
    askedOf.current = here;
    if (asked.current && coveredAtTop(asked.current)) asked.current.scrollIntoView({ block: "start" });
  }, [here]);
  const text = padText(pad);
  const left = nextUnread(order, book.readings, null);
  // Nothing is left to read but, perhaps, the one that is asked and cannot be read.
  const next = nextUnread(order, book.readings, here);
  const goOn = (save: boolean) => {
    if (save && text !== "")
      keep(here, pad.unit === "in" ? inchText(text) : `${text.replace(/([+-])$/, "")} mm${pad.hair}`);
    tap({ kind: "clear" });
    ask(next ?? here);
  };
  const key =
    "rounded-lg border border-line bg-sheet min-h-[56px] [@media(max-height:780px)]:min-h-[48px] px-1 text-[16px] font-medium leading-tight active:bg-tape active:text-[#22200f]";
  return (
    <div className="flex min-h-full flex-col">
      <div ref={asked} className="grid scroll-mt-2 grid-cols-[34%_1fr] gap-4 bg-sheet px-4 py-2">
        {/* A low screen keeps its last row of keys above the foot. */}
        <div className="h-[146px] [@media(max-height:780px)]:h-[104px]">{drawing(here)}</div>
        <div className="min-w-0" aria-live="polite">
          <h2 className="text-[20px] first-letter:uppercase">{say(PLACE_NAMES[here])}</h2>
          <p className="text-[15px] leading-snug text-mute">{say(howToRead(here, book.shape))}</p>
          <p className="tight pt-2 text-[40px] leading-none font-bold [@media(max-height:780px)]:text-[32px]">
            <Shown pad={pad} />
          </p>
          <p className="pt-1 text-[15px] text-mute">
            {say(
              kept
                ? kept.copied
                  ? `${asWritten(kept)} at a like {pane}: nobody read it here`
                  : kept.read.ok
                    ? `kept: ${kept.text}${text !== "" ? ": the new figure takes its place" : left === undefined ? ", and all of them read" : ""}`
                    : `cannot be read: ${kept.text}`
                : progress(order, book.readings),
            )}
          </p>
        </div>
      </div>
      <div className="space-y-2 px-3 pt-2 pb-2">
        <ReadFrom />
        <TapeStrip pad={pad} fine={fine} tap={(tick) => tap({ kind: "tick", tick })} />
        <div className="grid grid-cols-4 gap-2">
          {["1", "2", "3"].map((d) => (
            <Digit key={d} digit={d} className={key} tap={tap} />
          ))}
          <button type="button" className={key} onClick={() => tap({ kind: "rub-out" })}>
            rub out
          </button>
          {["4", "5", "6"].map((d) => (
            <Digit key={d} digit={d} className={key} tap={tap} />
          ))}
          <HairKey pad={pad} hair="-" className={key} tap={tap} />
          {["7", "8", "9"].map((d) => (
            <Digit key={d} digit={d} className={key} tap={tap} />
          ))}
          <HairKey pad={pad} hair="+" className={key} tap={tap} />
          <button type="button" className={key} onClick={() => goOn(false)}>
            cannot reach
          </button>
          <Digit digit="0" className={key} tap={tap} />
          <button
            type="button"
            className={key}
            onClick={() => {
              const finer = pad.unit === "in" && !fine;
              setFine(finer);
              if (!finer) tap({ kind: "unit", unit: pad.unit === "in" ? "mm" : "in" });
            }}
          >
            {pad.unit === "mm" ? "to inches" : fine ? "to mm" : "to 1/32"}
          </button>
          {text === "" && next === undefined && !kept?.copied ? (
            <a
              className={`${key} flex items-center justify-center !border-bar !bg-bar text-center !text-tape no-underline`}
              href={`#${COMES_TO}`}
            >
              {left === undefined ? "All read" : "Skip: see what it comes to"}
            </a>
          ) : (
            <button
              type="button"
              className={`${key} !border-bar !bg-bar !text-tape`}
              onClick={() => {
                // The tape shows the same here: that is a reading of its own.
                if (text === "" && kept?.copied) keep(here, kept.unit === prefs.unit ? kept.text : asWritten(kept));
                goOn(true);
              }}
            >
              {text !== "" ? "Next" : kept?.copied ? "The same here" : "Skip"}
            </button>
          )}
        </div>
      </div>
    </div>
  );
}

/** Its head is off the screen, or under the tape of stations that stays at the top. */
const coveredAtTop = (element: Element): boolean => {
  const at = element.getBoundingClientRect();
  return !element.contains(document.elementFromPoint(at.left + at.width / 2, at.top + 12));
};

/** In what state the frame is, asked before the first figure: until somebody says it. */
function ReadFrom() {
  const { book, say, write } = usePane();
  if (book.way === "through-glass") return <GlassIsOut />;
  if (book.way !== "rebate" || book.circumstance) return null;
  return (
    <fieldset className="grid grid-cols-4 gap-2">
      <legend className="sr-only">Read from</legend>
      {CIRCUMSTANCES.map((state) => (
        <button
          key={state}
          type="button"
          className="min-h-[44px] rounded-lg border border-dashed border-line bg-sheet px-1 text-[13px] leading-tight"
          onClick={() => write("measure.circumstance", { state })}
        >
          {say(stateName(book, state))}
        </button>
      ))}
    </fieldset>
  );
}

type KeyProps = { readonly className: string; readonly tap: (e: Parameters<typeof tapped>[1]) => void };

const Digit = ({ digit, className, tap }: KeyProps & { readonly digit: string }) => (
  <button
    type="button"
    className={`${className} tight !text-[26px] !font-semibold`}
    onClick={() => tap({ kind: "digit", digit })}
  >
    {digit}
  </button>
);

const HairKey = ({ pad, hair, className, tap }: KeyProps & { readonly pad: Pad; readonly hair: "+" | "-" }) => (
  <button
    type="button"
    aria-pressed={pad.hair === hair}
    className={`${className} ${pad.hair === hair ? "!bg-tape !text-[#22200f]" : ""}`}
    onClick={() => tap({ kind: "hair", hair })}
  >
    a hair {hair === "+" ? "over" : "under"}
  </button>
);

function Shown({ pad }: { readonly pad: Pad }) {
  if (pad.whole === "" && pad.tick === null) return <span className="text-line">–</span>;
  const [n, d] = lowest(pad.tick ?? 0);
  return (
    <>
      {pad.unit === "mm" ? padText({ ...pad, hair: "" }) : pad.whole || (n === 0 ? "0" : "")}
      {pad.unit === "in" && n > 0 && <Fraction n={n} d={d} />}
      <span className="text-[20px] font-medium">
        {" "}
        {pad.unit}
        {pad.hair === "+" ? " over" : pad.hair === "-" ? " under" : ""}
      </span>
    </>
  );
}

/** Whole inches say their unit, or a metric reader would take them for millimetres. */
const inchText = (text: string): string => (text.includes("/") ? text : text.replace(/^(\d+)/, "$1 in"));

/** The next place after this one, round to the start, that was not read here. */
function nextUnread(order: readonly Place[], readings: PaneBook["readings"], after: Place | null): Place | undefined {
  const from = after === null ? 0 : order.indexOf(after) + 1;
  return [...order.slice(from), ...order.slice(0, from)].find((p) => p !== after && !isReadHere(readings[p]));
}

function progress(order: readonly Place[], readings: PaneBook["readings"]): string {
  const beside: readonly Place[] = [...REBATE, ...CONVERSION_READS];
  const wanted = order.filter((p) => !beside.includes(p));
  const copied = wanted.filter((p) => readings[p]?.copied).length;
  return `${wanted.filter((p) => isReadHere(readings[p])).length} of ${wanted.length} read${copied > 0 ? `, ${copied} copied` : ""}`;
}
