import { useState } from "react";
import { candidateFacts, stacksOf } from "../../core/pane/candidates.ts";
import { bestCandidate, type Candidate, candidatesFor } from "../../core/specify/candidates.ts";
import { GLASS_NAMES } from "../../core/specify/glass.ts";
import { type Makeup, makeupHeat, makeupText, SPACERS } from "../../core/specify/makeup.ts";
import type { LengthUnit } from "../../core/units/length.ts";
import { inchText, inUnit } from "../../core/words/in-unit.ts";
import { money } from "../../core/words/money.ts";
import { stackText } from "../../core/words/opening.ts";
import { percent } from "../../core/words/percent.ts";
import { metalClass } from "../../drawing/colours.ts";
import { heatChart } from "../../drawing/heat-chart.ts";
import { unitSection } from "../../drawing/unit-section.ts";
import { Fold } from "../parts/Fold.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";
import { CandidateAsks } from "./CandidateAsks.tsx";

const CHART = { width: 440, height: 190 };
const SECTION = { width: 220, height: 120 };

/** A sealed unit: what was there, what can be there instead, side by side, and which we would take. */
export function UnitPart() {
  const { book, reckoning: r, firm, prefs, say, write } = usePane();
  const laminated = book.makeup?.panes.some((p) => p.kind === "laminated") ?? false;
  const [safetyKind, setSafetyKind] = useState<"toughened" | "laminated">(laminated ? "laminated" : "toughened");
  const facts = candidateFacts(book, r, safetyKind);
  if (!facts) return null;
  const stacks = stacksOf(r);
  const all = candidatesFor(facts);
  const best = bestCandidate(all);
  const chosen = book.makeup;
  return (
    <>
      <Part title="What was there" more="from its thickness and what was seen">
        <p className="note-glass">
          {stacks.length > 0
            ? `Likeliest ${stackText(stacks[0] as NonNullable<(typeof stacks)[0]>)}${stacks.length > 1 ? `; or ${stacks.slice(1, 3).map(stackText).join(", ")}` : ""}. Gas that was in it is gone once it is broken or misted.`
            : "Its thickness is not read: 4-16-4 is taken until it is."}{" "}
          {book.coating?.coated === "yes"
            ? `Coated${book.coating.face ? ` on ${book.coating.face}` : ""}.`
            : book.coating?.coated === "no"
              ? "Not coated."
              : ""}
        </p>
      </Part>
      <Part title="What should be there" more={say(`${facts.outsideC} °C outside, ${facts.roomC} °C in the room`)}>
        {best && (
          <p className="note-glass">
            <span className="font-medium">We would take: {all.find((c) => c.id === best.id)?.name}.</span>{" "}
            {best.because}
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
        <div className="overflow-x-auto">
          <table className="w-full border-collapse text-[13px]">
            <thead className="text-left text-mute">
              <tr>
                <th className="font-normal">unit</th>
                {[
                  "heat",
                  prefs.unit === "mm" ? "face °C" : "face °F",
                  "dry to",
                  prefs.unit === "mm" ? "kg" : "lb",
                  "fits",
                  "price",
                ].map((h) => (
                  <th key={h} className="pl-2 text-right font-normal whitespace-nowrap">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {all.map((c) => (
                <CandidateRow
                  key={c.id}
                  candidate={c}
                  plain={all[0] ?? c}
                  best={c.id === best?.id}
                  chosen={chosen !== null && sameMakeup(chosen, c.makeup)}
                  choose={() =>
                    write("specify.makeup", { makeup: { ...c.makeup, spacer: chosen?.spacer ?? c.makeup.spacer } })
                  }
                  currency={firm.house.currency}
                  unit={prefs.unit}
                />
              ))}
            </tbody>
          </table>
        </div>
        <p className="text-[12px] text-mute">
          W/m²K at the centre by EN 673; the edge is colder. Prices by the firm's list, before tax.
        </p>
        <Fold as="small" title="Heat loss by cavity width">
          <Chart all={all} emissivity={facts.emissivity} />
        </Fold>
        {chosen && (
          <div className="space-y-2">
            <UnitDrawing makeup={chosen} />
            <p className="text-[14px] font-medium">
              {say(makeupText(chosen))}: <span className="tight">{makeupHeat(chosen).toFixed(1)}</span> W/m²K
            </p>
            <div className="grid grid-cols-2 gap-2">
              <label>
                <span className="text-[13px] text-mute">Spacer, as its neighbours</span>
                <select
                  value={chosen.spacer}
                  onChange={(e) => write("specify.makeup", { makeup: { ...chosen, spacer: e.target.value } })}
                >
                  {SPACERS.map((s) => (
                    <option key={s}>{s}</option>
                  ))}
                </select>
              </label>
              {chosen.coatings.length === 1 && (
                <label>
                  <span className="text-[13px] text-mute">Coated face, from outside</span>
                  <select
                    value={chosen.coatings[0]?.face}
                    onChange={(e) =>
                      write("specify.makeup", {
                        makeup: {
                          ...chosen,
                          coatings: chosen.coatings.map((c) => ({ ...c, face: Number(e.target.value) })),
                        },
                      })
                    }
                  >
                    <option value={2}>2, on the outer sheet: less sun in</option>
                    <option value={3}>3, on the inner sheet: more sun in</option>
                  </select>
                </label>
              )}
            </div>
          </div>
        )}
      </Part>
    </>
  );
}

/** Alike but for the spacer and the face that was chosen for the coating. */
const sameMakeup = (a: Makeup, b: Makeup): boolean =>
  JSON.stringify([a.panes, a.cavities, a.coatings.length]) === JSON.stringify([b.panes, b.cavities, b.coatings.length]);

type RowProps = {
  readonly candidate: Candidate;
  /** The same again, which the others are held against. */
  readonly plain: Candidate;
  readonly best: boolean;
  readonly chosen: boolean;
  readonly choose: () => void;
  readonly currency: string;
  readonly unit: LengthUnit;
};

const CandidateRow = ({ candidate: c, plain, best, chosen, choose, currency, unit }: RowProps) => (
  <tr className={`border-t border-line ${chosen ? "bg-tint" : ""}`}>
    <td>
      <label className="flex min-h-9 cursor-pointer items-center gap-2 max-sm:min-h-12">
        <input type="radio" name="candidate" className="shrink-0" checked={chosen} onChange={choose} />
        <span className={best ? "font-semibold" : ""}>{c.name}</span>
      </label>
      <CandidateAsks candidate={c} plain={plain} />
    </td>
    <td className="tight pl-2 text-right font-medium">{c.heat.toFixed(1)}</td>
    <td className="tight pl-2 text-right whitespace-nowrap">
      {inUnit(`${c.surfaceC.toFixed(0)} °C`, unit).split(" ")[0]}
    </td>
    <td className="tight pl-2 text-right whitespace-nowrap">{percent(c.dryUpTo)}</td>
    <td className="tight pl-2 text-right whitespace-nowrap">{inUnit(`${c.kg.toFixed(1)} kg`, unit).split(" ")[0]}</td>
    <td className={`pl-2 text-right ${c.spareMm !== null && c.spareMm < 0 ? "trouble" : ""}`}>
      {c.spareMm === null
        ? "–"
        : c.spareMm < 0
          ? `${unit === "mm" ? (-c.spareMm).toFixed(1) : inchText(-c.spareMm)} over`
          : "yes"}
    </td>
    <td className="tight pl-2 text-right whitespace-nowrap">{money(c.pence, currency)}</td>
  </tr>
);

function Chart({ all, emissivity }: { readonly all: readonly Candidate[]; readonly emissivity: number }) {
  const chart = heatChart({
    glassMm: all[0]?.makeup.panes.reduce((s, p) => s + p.mm, 0) ?? 8,
    emissivity,
    marked: all
      .filter((c) => c.makeup.cavities.length === 1)
      .map((c) => ({ name: c.name, cavityMm: c.makeup.cavities[0]?.mm ?? 16, heat: c.heat, on: true })),
    box: CHART,
  });
  return (
    <svg
      viewBox={`0 0 ${CHART.width} ${CHART.height}`}
      className="w-full bg-sheet"
      role="img"
      aria-label={`Heat loss by cavity width: ${all.map((c) => `${c.name} ${c.heat.toFixed(1)}`).join(", ")}`}
    >
      {chart.yTicks.map((t) => (
        <g key={t.text}>
          <path d={`M${chart.left} ${t.y}H${chart.right}`} className="d-line" opacity={0.2} />
          <text x={chart.left - 6} y={t.y + 4} textAnchor="end" className="d-mute !text-[11px]">
            {t.text}
          </text>
        </g>
      ))}
      {chart.xTicks.map((t) => (
        <text key={t.text} x={t.x} y={chart.floor + 14} textAnchor="middle" className="d-mute !text-[11px]">
          {t.text}
        </text>
      ))}
      {chart.curves.map((c) => (
        <g key={c.name}>
          <path d={c.d} className="d-line" fill="none" strokeWidth={1.6} />
          <text x={c.label.x} y={c.label.y} className="d-text !text-[12px]">
            {c.name}
          </text>
        </g>
      ))}
      {chart.marks.map((m) => (
        <circle key={m.name} cx={m.x} cy={m.y} r={4.5} className="d-ease" />
      ))}
      <text x={chart.right} y={chart.floor + 25} textAnchor="end" className="d-mute !text-[11px]">
        cavity, mm
      </text>
    </svg>
  );
}

/** The unit in section with its faces numbered, the coated one in red. */
function UnitDrawing({ makeup }: { readonly makeup: Makeup }) {
  const d = unitSection({
    panesMm: makeup.panes.map((p) => p.mm),
    cavitiesMm: makeup.cavities.map((c) => c.mm),
    coated: makeup.coatings.map((c) => c.face),
    box: SECTION,
  });
  return (
    <svg
      viewBox={`0 0 ${SECTION.width} ${SECTION.height}`}
      className="w-full max-w-[260px] bg-sheet"
      role="img"
      aria-label={`Section of the unit: ${makeupText(makeup)}`}
    >
      {d.panes.map((p) => (
        <path key={p} d={p} className="d-pane" />
      ))}
      {d.spacers.map((s) => (
        <path key={s} d={s} className={`d-spacer ${metalClass(makeup.spacer)}`} />
      ))}
      {d.faces.map((f) => (
        <g key={f.n}>
          {f.coated && <path d={`M${f.x} 26V${d.bottom}`} className="d-asked" />}
          <text
            x={f.x}
            y={18}
            textAnchor="middle"
            className={`!text-[11px] ${f.coated ? "d-wax-text font-bold" : "d-mute"}`}
          >
            {f.n}
          </text>
        </g>
      ))}
      {d.labels.map((l) => (
        <text key={`${l.x}`} x={l.x} y={d.bottom + 16} textAnchor="middle" className="d-text !text-[11px]">
          {l.text}
        </text>
      ))}
      <text x={4} y={66} className="d-mute !text-[10px]">
        out
      </text>
      <text x={SECTION.width - 4} y={66} textAnchor="end" className="d-mute !text-[10px]">
        room
      </text>
    </svg>
  );
}
