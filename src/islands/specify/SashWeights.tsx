import { hingeOf } from "../../core/pane/hangs.ts";
import { oldGlass, sashByTimber } from "../../core/pane/sash-weighs.ts";
import { balanceFor, weightLength } from "../../core/specify/balance.ts";
import { REHANG, springPair } from "../../core/specify/hinges.ts";
import { takenText } from "../../core/specify/sash-gain.ts";
import { type LengthUnit, toMm } from "../../core/units/length.ts";
import { massText } from "../../core/words/mass.ts";
import { Fold } from "../panels/Fold.tsx";
import { HowItHangs } from "../panels/HowItHangs.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import { Hinges } from "./Hinges.tsx";
import { MassField } from "./MassField.tsx";

const WEIGHT_MM = 40;

/** Weights are sawn to the hundredth. @example weightText(0.685, "mm") // "0.69 kg" */
const weightText = (kg: number, unit: LengthUnit): string => massText(kg, unit, 2);

/** Weights of a sliding sash before and after; skipped for a fixed light, with a word why. */
export function SashWeights() {
  const { book, reckoning: r, firm, prefs, say, write } = usePane();
  const sash = book.sash ?? {
    position: hingeOf(book) === "fixed" ? ("fixed" as const) : null,
    sashKg: null,
  };
  const slides = hingeOf(book) === "hung";
  const hinged = book.found && ["left", "right", "top", "bottom"].includes(book.found.hinge);
  const old = oldGlass(book, r);
  const oldKg = old?.kg ?? null;
  const timber = sashByTimber(book, r);
  if (hinged && !slides) return <Hinges oldGlassKg={oldKg} timberKg={timber} />;
  if (!slides && book.sash === null)
    return sash.position === "fixed" ? (
      <p className="text-[13px] text-mute">A fixed light: nothing hangs, so no balance or hinge is asked for.</p>
    ) : (
      <HowItHangs why="What the new glass weighs hangs on balances or hinges: they are reckoned by it." />
    );
  const sashKg = sash.sashKg ?? timber;
  const moves = sash.position === "upper" || sash.position === "lower";
  const balance =
    sashKg !== null && oldKg !== null && r.massKg !== null && moves
      ? balanceFor({
          sash: sash.position,
          sashKg,
          oldGlassKg: oldKg,
          newGlassKg: r.massKg,
          offKg: firm.house.offBalanceKg,
        })
      : null;
  const springs =
    sashKg !== null && oldKg !== null && r.massKg !== null && r.cut.ok && sash.position !== "fixed"
      ? springPair(sashKg + r.massKg - oldKg, toMm(r.cut.value.governs.height.length))
      : null;
  // Half of what the glass gains is for each side, whatever the sash weighs.
  const eachSide = oldKg !== null && r.massKg !== null && moves ? (r.massKg - oldKg) / 2 : null;
  return (
    <div className="space-y-1">
      <div className="grid grid-cols-2 gap-2">
        <PickOne
          name="Sliding sash"
          of={asTheyAre(["upper", "lower", "fixed"] as const)}
          value={sash.position ?? null}
          unsaid="which"
          change={(position) => write("specify.sash", { position, sashKg: sash.sashKg })}
        />
        <MassField
          name="Weighs now"
          beside={timber === null ? "" : `; by its timber ${massText(timber, prefs.unit)}`}
          kg={sash.sashKg}
          first={sash.position === null ? "first: which sash" : undefined}
          change={(sashKg) => sash.position !== null && write("specify.sash", { position: sash.position, sashKg })}
        />
      </div>
      {sash.position === "fixed" && (
        <p className="text-[13px] text-mute">A fixed light: nothing hangs, so no balance is asked for.</p>
      )}
      {eachSide !== null && (
        <p className="note-glass">
          {eachSide >= 0
            ? say(
                `Add ${weightText(eachSide, prefs.unit)} each side: ${weightLength(eachSide, "lead", WEIGHT_MM).toFixed(0)} mm of ${WEIGHT_MM} mm lead or ${weightLength(eachSide, "steel", WEIGHT_MM).toFixed(0)} mm of steel, with room for it in the pocket.`,
              )
            : `Take ${weightText(-eachSide, prefs.unit)} off each side.`}{" "}
          {balance
            ? `Each weight goes from ${weightText(balance.before, prefs.unit)} to ${weightText(balance.after, prefs.unit)}${sash.sashKg === null ? ", the sash reckoned by its timber" : ""}.`
            : "What each weight comes to in all follows from what the sash weighs."}
          {old && say(` ${takenText(old)}`)}
        </p>
      )}
      {springs && (
        <Fold as="small" title={say(`On springs: a pair lifting ${springs.eachKg.toFixed(1)} kg each`)}>
          <p className="text-[13px]">
            {say(
              `Over at least ${springs.travelMm.toFixed(0)} mm of travel: a generic figure, the maker's table decides.`,
            )}
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
