import { hingeOf } from "../../core/pane/hangs.ts";
import type { Candidate } from "../../core/specify/candidates.ts";
import { loadShares, plateCheck } from "../../core/specify/plate.ts";
import { windKpa } from "../../core/specify/wind.ts";
import { writeLength } from "../../core/tape/write.ts";
import { isInchMake, makeText } from "../../core/units/inch-make.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";

/** What a unit asks beside heat and price: its thickness, days, whether it stands the wind, and what it does to the sash. */
export function CandidateAsks({ candidate: c, plain }: { readonly candidate: Candidate; readonly plain: Candidate }) {
  const { book, reckoning: r, firm, prefs, say } = usePane();
  if (!r.cut.ok) return null;
  const { width, height } = r.cut.value.glass;
  const load = windKpa(book.exposure ?? "town", book.building.storey ?? 0, firm.house);
  const shares = loadShares(c.makeup.panes.map((p) => p.mm));
  const stands = c.makeup.panes.every(
    (p, i) =>
      plateCheck({
        widthMm: toMm(width),
        heightMm: toMm(height),
        thicknessMm: p.mm,
        loadKpa: load * (shares[i] ?? 1),
        kind: p.kind,
      }).holds,
  );
  const more = c.kg - plain.kg;
  const hangs =
    hingeOf(book) === "hung" ? say(`each weight +${(more / 2).toFixed(1)} kg`) : say(`sash +${more.toFixed(1)} kg`);
  return (
    <span className={`block pb-1 text-[12px] ${stands ? "text-mute" : "trouble"}`}>
      {[
        isInchMake(c.overallMm)
          ? `${makeText(c.overallMm)} in`
          : writeLength(mm(c.overallMm), prefs.unit, { places: 1, ticks: 32 }),
        `${c.days} days`,
        stands ? "" : "too thin for this wind",
        hingeOf(book) === "fixed" || more < LEAST_KG ? "" : hangs,
      ]
        .filter(Boolean)
        .join(", ")}
    </span>
  );
}

/** Less than this no balance or hinge notices. */
const LEAST_KG = 0.05;
