import { useState } from "react";
import { adopting, givingBack } from "../../core/learn/adopting.ts";
import type { OwnFigure } from "../../core/learn/own-figure.ts";
import { differs, isClear } from "../../core/learn/own-figures.ts";
import { dayOf } from "../../core/units/day.ts";
import { sayDay } from "../../core/words/days.ts";
import { say } from "../../core/words/dialect.ts";
import { figureSentence, fromWords, smallText } from "../../core/words/learnt.ts";
import type { Prefs } from "../../core/words/prefs.ts";
import { entriesBy, handOver } from "../log/new-entries.ts";

type Props = { readonly figure: OwnFigure; readonly prefs: Prefs };

/** One figure: the house's word, what was seen, and taking it on. */
export function FigureLine({ figure: f, prefs }: Props) {
  const [taken, setTaken] = useState<"own" | "house" | null>(null);
  const [wrong, setWrong] = useState("");
  const { unit } = prefs;
  const text = (value: number): string =>
    f.unit === "mm" ? smallText(value, unit) : `${smallText(value, unit)} ${unit === "mm" ? "a metre" : "in 40 in"}`;
  const write = async (to: "own" | "house") => {
    const make = entriesBy(prefs.who);
    const fault = await handOver(
      (to === "own" ? adopting(f) : givingBack(f)).map((a) =>
        a.kind === "house.rule"
          ? make(a.kind, {}, a.payload)
          : a.kind === "person.figure"
            ? make(a.kind, {}, a.payload)
            : make(a.kind, {}, a.payload),
      ),
    );
    setWrong(fault ?? "");
    if (fault === null) setTaken(to);
  };
  const stands = taken === "own" ? f.own : taken === "house" ? f.prior.value : f.now;
  const own = taken === "own" ? f.from : taken === "house" ? null : f.adopted;
  const canBe = f.sets.length > 0;
  const now = { ...f, now: stands ?? f.now };
  // Two figures that read alike in this unit are one to whoever reads them.
  const other = canBe && differs(now) && f.own !== null && text(now.now) !== text(f.own);
  return (
    <li className="grid gap-x-6 gap-y-1 py-3 sm:grid-cols-[minmax(0,1fr)_auto]">
      <div>
        <p className="font-medium first-letter:uppercase">{say(f.says, prefs.dialect)}</p>
        <p className="text-[14px] text-mute">{figureSentence(f, unit)}</p>
        {stands !== null && (
          <p className="text-[14px] text-mute">
            {own
              ? `In use: ${text(stands)}, ${fromWords(own)}.`
              : `In use: ${text(stands)}, the house's word, worth ${f.prior.worth} of them.`}
          </p>
        )}
        {other && !isClear(now) && (
          <p className="text-[14px] text-mute">What is in use may still be right: see what the next ones say.</p>
        )}
        {f.outliers.length > 0 && (
          <p className="text-[14px]">
            Left out:{" "}
            {f.outliers.map((o) => `${smallText(o.byMm, unit)} (${o.of}, ${sayDay(dayOf(o.day))})`).join("; ")}.
          </p>
        )}
        {wrong !== "" && (
          <p className="trouble" role="alert">
            {wrong}
          </p>
        )}
      </div>
      <div className="flex items-center gap-3 sm:justify-end">
        {f.own !== null && (
          <p className="tight text-[20px] font-semibold">
            {other && <span className="text-mute">{text(now.now)} → </span>}
            {text(f.own)}
          </p>
        )}
        {other && (
          <button type="button" className={`btn ${isClear(now) ? "btn-main" : ""}`} onClick={() => void write("own")}>
            Take it on
          </button>
        )}
        {canBe && own && !other && (
          <button type="button" className="btn btn-small" onClick={() => void write("house")}>
            Back to the house's word
          </button>
        )}
      </div>
    </li>
  );
}
