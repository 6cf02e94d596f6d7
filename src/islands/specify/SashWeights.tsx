import type { Reckoning } from "../../core/pane/reckoning.ts";
import { balanceFor, timberMass, weightLength } from "../../core/specify/balance.ts";
import { massOf } from "../../core/specify/glass.ts";
import { REHANG, springPair } from "../../core/specify/hinges.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { Fold } from "../parts/Fold.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Hinges } from "./Hinges.tsx";

const WEIGHT_MM = 40;

/** Weights of a sliding sash before and after; skipped for a fixed light, with a word why. */
export function SashWeights() {
  const { book, reckoning: r, firm, write } = usePane();
  const sash = book.sash ?? {
    position: book.found?.hinge === "fixed" || book.before.exam.opens === "fixed" ? ("fixed" as const) : null,
    sashKg: null,
  };
  const slides = book.found?.hinge === "slides" || book.before.exam.opens === "slides";
  const hinged = book.found && ["left", "right", "top", "bottom"].includes(book.found.hinge);
  const oldKg = oldGlassOf(r);
  if (hinged && !slides) return <Hinges oldGlassKg={oldKg} timberKg={timberOf(r, oldKg)} />;
  if (!slides && book.sash === null)
    return (
      <p className="text-[13px] text-mute">
        {sash.position === "fixed"
          ? "A fixed light: nothing hangs, so no balance or hinge is asked for."
          : "Say under Measure how it hangs, and balances or hinges are reckoned."}
      </p>
    );
  const timber = timberOf(r, oldKg);
  const balance =
    sash.sashKg !== null &&
    oldKg !== null &&
    r.massKg !== null &&
    (sash.position === "upper" || sash.position === "lower")
      ? balanceFor({
          sash: sash.position,
          sashKg: sash.sashKg,
          oldGlassKg: oldKg,
          newGlassKg: r.massKg,
          offKg: firm.house.offBalanceKg,
        })
      : null;
  const springs =
    sash.sashKg !== null && oldKg !== null && r.massKg !== null && r.cut.ok
      ? springPair(sash.sashKg + r.massKg - oldKg, toMm(r.cut.value.governs.height.length))
      : null;
  return (
    <div className="space-y-1">
      <div className="grid grid-cols-2 gap-2">
        <label>
          <span className="text-[13px] text-mute">Sliding sash</span>
          <select
            value={sash.position ?? ""}
            onChange={(e) =>
              write("specify.sash", { position: e.target.value as "upper" | "lower" | "fixed", sashKg: sash.sashKg })
            }
          >
            <option value="" disabled>
              which
            </option>
            <option value="upper">upper</option>
            <option value="lower">lower</option>
            <option value="fixed">fixed</option>
          </select>
        </label>
        <label>
          <span className="text-[13px] text-mute">
            Weighs now, kg{timber && `; by its timber ${timber.toFixed(1)}`}
          </span>
          <input
            type="number"
            step="any"
            min={0}
            max={500}
            className="tight"
            key={sash.sashKg}
            defaultValue={sash.sashKg ?? ""}
            onBlur={(e) => {
              const kg = e.target.valueAsNumber;
              if (Number.isFinite(kg) && kg > 0 && kg !== sash.sashKg)
                write("specify.sash", { position: sash.position ?? "lower", sashKg: kg });
            }}
          />
        </label>
      </div>
      {balance && (
        <p className="note-glass">
          Each weight from {balance.before.toFixed(2)} to {balance.after.toFixed(2)} kg:{" "}
          {balance.change >= 0
            ? `add ${balance.change.toFixed(2)} kg each side, ${weightLength(balance.change, "lead", WEIGHT_MM).toFixed(0)} mm of ${WEIGHT_MM} mm lead or ${weightLength(balance.change, "steel", WEIGHT_MM).toFixed(0)} mm of steel.`
            : `take ${(-balance.change).toFixed(2)} kg off each side.`}
        </p>
      )}
      {springs && (
        <Fold as="small" title={`On springs: a pair lifting ${springs.eachKg.toFixed(1)} kg each`}>
          <p className="text-[13px]">
            Over at least {springs.travelMm.toFixed(0)} mm of travel: a generic figure, the maker's table decides.
          </p>
          <p className="note-wax text-[13px]">Springs are under tension: hold the rod or the cord, face away.</p>
          <ol className="list-decimal pl-5 text-[13px]">
            {REHANG.map((step) => (
              <li key={step}>{step}</li>
            ))}
          </ol>
        </Fold>
      )}
    </div>
  );
}

/** What the old glass weighed: by its thickness as read, else as 3 mm. */
const oldGlassOf = (r: Reckoning): number | null =>
  r.cut.ok
    ? massOf(r.cut.value.glass.width, r.cut.value.glass.height, r.readings["old-thickness"] ?? mm(OLD_MM))
    : null;
const OLD_MM = 3;

/** The sash by its timber and its old glass, kg, where the member was read: stiles and rails alike. */
function timberOf(r: Reckoning, oldGlassKg: number | null): number | null {
  const [face, thick] = [r.readings["member-face"], r.readings["timber-thickness"]];
  if (face === undefined || thick === undefined || oldGlassKg === null || !r.cut.ok) return null;
  const member = { face: toMm(face), thick: toMm(thick) };
  const { width, height } = r.cut.value.governs;
  return (
    oldGlassKg +
    timberMass({
      widthMm: toMm(width.length) + 2 * member.face,
      heightMm: toMm(height.length) + 2 * member.face,
      stileMm: member,
      railMm: member,
    })
  );
}
