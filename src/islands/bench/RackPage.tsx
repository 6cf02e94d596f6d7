import { useEffect, useState } from "react";
import type { RackPageData, RackPiece } from "../../core/page/rack-page.ts";
import { type Day, day } from "../../core/units/day.ts";
import { nm } from "../../core/units/length.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { sheetText } from "../../core/words/glass.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { sizeText } from "../../core/words/size-text.ts";
import { takenTwiceText } from "../../core/words/taken-twice.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";
import { guarded } from "../ui/Guarded.tsx";
import { LabelsFor } from "../ui/LabelsFor.tsx";
import { usePrefs } from "../ui/prefs.ts";
import { StockFile } from "./StockFile.tsx";
import { ToBuy } from "./ToBuy.tsx";

type Props = {
  readonly data: RackPageData;
  readonly prefs: Prefs;
  /** The piece whose label was looked at. */
  readonly at: string | null;
};

/** Walks along the rack: each piece with how many lie there, said with one tap. */
function RackPage({ data, prefs: initial, at }: Props) {
  const prefs = usePrefs(initial);
  const [counted, setCounted] = useState<ReadonlyMap<string, number>>(new Map());
  const [wrong, setWrong] = useState<string | null>(null);
  const all = data.slots.flatMap((s) => s.pieces);
  const today = day(data.today);
  const isDone = (p: RackPiece): boolean => counted.has(p.piece.name) || p.counted?.day === today;
  const say = (name: string, count: number) => {
    setCounted((was) => new Map(was).set(name, count));
    void handOver([entriesBy(prefs.who)("stock.counted", {}, { name, count })]).then((refused) => {
      if (!refused) return;
      setWrong(refused);
      setCounted((was) => new Map([...was].filter(([n]) => n !== name)));
    });
  };
  useEffect(() => {
    if (at) document.getElementById(pieceId(at))?.scrollIntoView({ block: "center" });
  }, [at]);
  return (
    <div className="mx-auto max-w-3xl space-y-5 px-4 py-4">
      <header className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <p className="text-mute">
            <a href="/bench">Bench</a>
          </p>
          <h1>The rack</h1>
          <p className="text-mute" role="status">
            {all.length === 0
              ? "Nothing lies in it. What is left of a sheet is put here by the bench; sheets are added there too."
              : `Counted today: ${all.filter(isDone).length} of ${all.length}.`}
          </p>
        </div>
        {all.length > 0 && <LabelsFor make={(on) => `/bench/rack/labels.pdf?${on}`} />}
      </header>
      {wrong && (
        <p className="note-wax" role="alert">
          {wrong}
        </p>
      )}
      {data.takenTwice.map((t) => (
        <p key={t.again.entry} className="note-wax">
          {takenTwiceText(t)}{" "}
          {[...new Set([...t.first.panes, ...t.again.panes])].map((pane, i) => (
            <a key={pane} className="pr-2" href={`/panes/${pane}/order`}>
              {i === 0 ? "Its pane" : "the other"}
            </a>
          ))}
        </p>
      ))}
      <ToBuy data={data} prefs={prefs} fail={setWrong} />
      {data.slots.map(({ slot, pieces }) => (
        <section key={slot} aria-label={slot || "No slot"} className="space-y-1">
          <h2 className="text-[16px]">{slot || "Without a slot"}</h2>
          <ul className="rows bg-sheet px-3">
            {pieces.map((p) => (
              <Piece
                key={p.piece.name}
                of={p}
                prefs={prefs}
                today={today}
                isHere={at === p.piece.name}
                said={counted.get(p.piece.name)}
                say={(count) => say(p.piece.name, count)}
              />
            ))}
          </ul>
        </section>
      ))}
      <StockFile all={data.all} prefs={prefs} />
    </div>
  );
}

const pieceId = (name: string): string => `piece-${encodeURIComponent(name)}`;

type PieceProps = {
  readonly of: RackPiece;
  readonly prefs: Prefs;
  readonly today: Day;
  readonly isHere: boolean;
  /** How many were just found; undefined while nobody said. */
  readonly said: number | undefined;
  readonly say: (count: number) => void;
};

function Piece({ of: { piece, counted }, prefs, today, isHere, said, say }: PieceProps) {
  const listed = piece.count ?? 1;
  const [other, setOther] = useState(listed);
  const length = (value: number): string => sizeText(nm(value), prefs.unit);
  return (
    <li
      id={pieceId(piece.name)}
      className={`grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 gap-y-2 py-2.5 ${isHere ? "-mx-3 bg-tint px-3" : ""}`}
    >
      <div className="max-sm:col-span-2">
        <p className="font-semibold">{piece.name}</p>
        <p className="text-[14px]">
          <span className="tight">
            {length(piece.widthNm)} × {length(piece.heightNm)}
          </span>{" "}
          {prefs.unit}, {sheetText(piece, prefs)}
        </p>
        <p className="text-[13px] text-mute">
          {said !== undefined
            ? said === 0
              ? "None there: it is off the list."
              : `Counted now: ${said}.`
            : counted
              ? `Counted ${sayDayFrom(counted.day, today)}, ${counted.who}.`
              : "Never counted."}
        </p>
      </div>
      <div className="flex flex-wrap items-center gap-2 max-sm:col-span-2">
        <button
          type="button"
          className={`btn min-h-12 ${said === undefined ? "btn-main" : ""}`}
          aria-pressed={said === listed}
          onClick={() => say(listed)}
        >
          {listed === 1 ? "It is there" : `All ${listed} there`}
        </button>
        <span className="flex items-center gap-1">
          <button
            type="button"
            className="btn min-h-12 min-w-12"
            aria-label={`One fewer: ${piece.name}`}
            disabled={other === 0}
            onClick={() => setOther(other - 1)}
          >
            −
          </button>
          <button
            type="button"
            className="btn min-h-12"
            disabled={other === listed}
            aria-label={`${other} of ${piece.name}`}
            onClick={() => say(other)}
          >
            {other === listed ? "other" : other === 0 ? "none there" : `${other} there`}
          </button>
          <button
            type="button"
            className="btn min-h-12 min-w-12"
            aria-label={`One more: ${piece.name}`}
            onClick={() => setOther(other + 1)}
          >
            +
          </button>
        </span>
      </div>
    </li>
  );
}

export default guarded(RackPage, "The rack");
