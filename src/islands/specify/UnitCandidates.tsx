import { useState } from "react";
import { thicknessFrom } from "../../core/measure/thickness.ts";
import { candidateFacts } from "../../core/pane/candidates.ts";
import { candidatesHere } from "../../core/pane/candidates-here.ts";
import { isRouted } from "../../core/pane/conversion.ts";
import { readingsOf } from "../../core/pane/readings-of.ts";
import { routHere } from "../../core/pane/rout-here.ts";
import { wasUnit } from "../../core/pane/unit.ts";
import { bestCandidate, type Candidate } from "../../core/specify/candidates.ts";
import { GLASS_NAMES } from "../../core/specify/glass.ts";
import type { Makeup } from "../../core/specify/makeup.ts";
import { type LengthUnit, mm, nm, toMm } from "../../core/units/length.ts";
import { HEAT_UNIT, heatFigure } from "../../core/words/heat.ts";
import { inchText, inUnit } from "../../core/words/in-unit.ts";
import { massText } from "../../core/words/mass.ts";
import { money } from "../../core/words/money.ts";
import { percent } from "../../core/words/percent.ts";
import { usePane } from "../panels/pane-context.ts";
import { CandidateAsks } from "./CandidateAsks.tsx";
import { HeatCurves } from "./HeatCurves.tsx";
import { UnitSection } from "./UnitSection.tsx";

/** What could stand here: each unit as a column with its section, the figure that differs large, and which we would take. */
export function UnitCandidates() {
  const { book, reckoning: r, firm, prefs, say, write, records, today } = usePane();
  const laminated = book.makeup?.panes.some((p) => p.kind === "laminated") ?? false;
  const [safetyKind, setSafetyKind] = useState<"toughened" | "laminated">(laminated ? "laminated" : "toughened");
  const facts = candidateFacts(book, r, safetyKind);
  const all = candidatesHere(book, r, { firm, today, record: records }, safetyKind);
  if (!facts || !all) return null;
  const best = bestCandidate(all);
  const chosen = book.makeup;
  const { overall } = thicknessFrom(r.readings);
  const old = overall !== null && wasUnit(book) ? toMm(overall) : null;
  return (
    <div className="space-y-3">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <strong className="text-[17px] font-semibold">What could stand here</strong>
        <span className="text-mute">
          {say(
            `${String(facts.outsideC).replace("-", "−")} °C outside, ${facts.roomC} °C in the room; at the centre by EN 673, the edge is colder`,
          )}
        </span>
      </p>
      {best && (
        <p className="note-glass">
          <span className="font-medium">We would take: {all.find((c) => c.id === best.id)?.name}.</span>{" "}
          {say(best.because)}
        </p>
      )}
      {facts.safetyNeeded && (
        <fieldset className="flex flex-wrap items-center gap-2">
          <legend className="sr-only">Safety glass of the unit</legend>
          {(["toughened", "laminated"] as const).map((k) => (
            <label key={k} className="chip">
              <input type="radio" name="safety-kind" checked={safetyKind === k} onChange={() => setSafetyKind(k)} />
              {say(GLASS_NAMES[k])}
            </label>
          ))}
          <span className="text-[13px] text-mute">
            {safetyKind === "laminated" ? "holds together when it breaks; thicker" : "stronger; bursts whole"}
          </span>
        </fieldset>
      )}
      <ul className="flex gap-px overflow-x-auto bg-line">
        {all.map((c) => (
          <Column
            key={c.id}
            candidate={c}
            plain={all[0] ?? c}
            best={c.id === best?.id}
            chosen={chosen !== null && sameMakeup(chosen, c.makeup)}
            choose={() =>
              write("specify.makeup", { makeup: { ...c.makeup, spacer: chosen?.spacer ?? c.makeup.spacer } })
            }
            asOld={old !== null && Math.abs(c.overallMm - old) <= NEAR_MM}
            routBy={
              isRouted(book)
                ? toMm(routHere(readingsOf(book).readings, r.house, mm(c.overallMm))?.width.by ?? nm(0))
                : 0
            }
            currency={firm.house.currency}
            unit={prefs.unit}
          />
        ))}
      </ul>
      <HeatCurves all={all} emissivity={facts.emissivity} unit={prefs.unit} />
      <p className="text-[12px] text-mute">
        Prices of who is proposed to make it, or by the house's own where no list has it; before tax.
      </p>
    </div>
  );
}

/** Units are made to the half millimetre. */
const NEAR_MM = 0.5;

/** Alike but for the spacer and the face that was chosen for the coating. */
const sameMakeup = (a: Makeup, b: Makeup): boolean =>
  JSON.stringify([a.panes, a.cavities, a.coatings.length]) === JSON.stringify([b.panes, b.cavities, b.coatings.length]);

type ColumnProps = {
  readonly candidate: Candidate;
  /** The same again, which the others are held against. */
  readonly plain: Candidate;
  readonly best: boolean;
  readonly chosen: boolean;
  readonly choose: () => void;
  /** As thick as the one that was there: where that stood, this one stands. */
  readonly asOld: boolean;
  /** By how much its rebate is to be routed wider for it, mm. */
  readonly routBy: number;
  readonly currency: string;
  readonly unit: LengthUnit;
};

function Column({ candidate: c, plain, best, chosen, choose, asOld, routBy, currency, unit }: ColumnProps) {
  const over = c.spareMm !== null && c.spareMm < 0;
  const rows: readonly (readonly [string, string, boolean?])[] = [
    ["Room face", inUnit(`${c.surfaceC.toFixed(0)} °C`, unit)],
    ["Runs wet above", percent(c.dryUpTo)],
    ["Mass", massText(c.kg, unit)],
    [
      "Through",
      c.spareMm === null
        ? asOld
          ? "as the old one"
          : "depth not read"
        : over
          ? `${unit === "mm" ? `${(-c.spareMm).toFixed(1)} mm` : `${inchText(-c.spareMm)} in`} too thick`
          : routBy > 0
            ? `rout ${unit === "mm" ? `${routBy.toFixed(1).replace(/\.0$/, "")} mm` : `${inchText(routBy)} in`}`
            : "it fits",
      over,
    ],
    ["Price", money(c.pence, currency)],
  ];
  return (
    <li
      className={`flex min-w-[9.6rem] flex-1 flex-col gap-1 p-2 ${chosen ? "bg-tint" : "bg-sheet"}`}
      aria-current={chosen ? "true" : undefined}
    >
      <p className="leading-tight font-semibold">{c.name}</p>
      <UnitSection makeup={c.makeup} />
      <p className="tight text-[26px] leading-none font-bold">{heatFigure(c.heat, unit)}</p>
      <p className="text-[12px] text-mute">{HEAT_UNIT[unit]}</p>
      <dl className="rows text-[13px]">
        {rows.map(([name, text, bad]) => (
          <div key={name} className="flex justify-between gap-2 py-1">
            <dt className="text-mute">{name}</dt>
            <dd className={`text-right ${bad ? "trouble" : "tight"}`}>{text}</dd>
          </div>
        ))}
      </dl>
      <CandidateAsks candidate={c} plain={plain} />
      <label className={`chip relative mt-auto justify-center ${best && !chosen ? "!bg-tape !text-[#22200f]" : ""}`}>
        <input
          type="radio"
          name="candidate"
          className="absolute inset-0 !h-full !w-full cursor-pointer opacity-0"
          checked={chosen}
          onChange={choose}
        />
        {chosen ? "chosen" : "choose"}
        <span className="sr-only"> {c.name}</span>
      </label>
    </li>
  );
}
