import { againstOf } from "../../core/pane/against.ts";
import type { Reckoning } from "../../core/pane/reckoning.ts";
import { isUnit, isUnitOpen, USUAL_SHEETS } from "../../core/pane/unit.ts";
import { balanceFor, timberMass, weightLength } from "../../core/specify/balance.ts";
import { compatible, type Setting } from "../../core/specify/compatible.ts";
import { crackingOf } from "../../core/specify/cracking.ts";
import { massOf } from "../../core/specify/glass.ts";
import { cupsFor, liftOf } from "../../core/specify/mass.ts";
import { loadShares, plateCheck } from "../../core/specify/plate.ts";
import { EXPOSURE_NAMES, EXPOSURES, type Exposure, windKpa } from "../../core/specify/wind.ts";
import { mm, toMm } from "../../core/units/length.ts";
import { massText } from "../../core/words/ticket.ts";
import { Fold } from "../parts/Fold.tsx";
import { Part } from "../parts/Part.tsx";
import { usePane } from "../parts/pane-context.ts";

const WEIGHT_MM = 40;

/** What the glass must bear and what must bear it: wind, lifting, balances, heat, and what it may be set in. */
export function Bearing() {
  return (
    <Part title="Will it bear it?">
      <Wind />
      <Lifting />
      <SashWeights />
      <Cracking />
      <Touching />
    </Part>
  );
}

function Wind() {
  const { book, reckoning: r, firm, write } = usePane();
  if (!r.cut.ok) return null;
  const exposure = book.exposure ?? "town";
  const load = windKpa(exposure, book.building.storey ?? 0, firm.house);
  const { width, height } = r.cut.value.glass;
  const sheets = book.makeup
    ? book.makeup.panes
    : isUnitOpen(book)
      ? USUAL_SHEETS.map((mm) => ({ mm, kind: r.glass.kind }))
      : [{ mm: toMm(r.glass.thickness), kind: r.glass.kind }];
  const shares = loadShares(sheets.map((s) => s.mm));
  const checks = sheets.map((s, i) =>
    plateCheck({
      widthMm: toMm(width),
      heightMm: toMm(height),
      thicknessMm: s.mm,
      loadKpa: load * (shares[i] ?? 1),
      kind: s.kind,
    }),
  );
  const holds = checks.every((c) => c.holds);
  const worst = checks.reduce((a, b) => (b.stressMpa / b.strengthMpa > a.stressMpa / a.strengthMpa ? b : a));
  return (
    <div className={holds ? "note-glass" : "note-wax"}>
      <div className="flex flex-wrap items-center justify-between gap-2">
        <span className="font-medium">
          Wind {load.toFixed(2)} kPa: {holds ? "thick enough" : "too thin for this size"}
        </span>
        <select
          aria-label="How it stands to the wind"
          className="!min-h-9 !w-auto"
          value={exposure}
          onChange={(e) => write("specify.exposure", { exposure: e.target.value as Exposure })}
        >
          {EXPOSURES.map((x) => (
            <option key={x} value={x}>
              {EXPOSURE_NAMES[x]}
            </option>
          ))}
        </select>
      </div>
      <p className="text-[13px]">
        {worst.stressMpa.toFixed(1)} of {worst.strengthMpa.toFixed(1)} MPa, bends {worst.deflectionMm.toFixed(1)} of{" "}
        {worst.deflectionLimitMm.toFixed(1)} mm. Indicative only, by EN 16612 values.
      </p>
    </div>
  );
}

function Lifting() {
  const { reckoning: r, firm, prefs } = usePane();
  if (r.massKg === null || !r.cut.ok) return null;
  const area = (toMm(r.cut.value.glass.width) * toMm(r.cut.value.glass.height)) / 1e6;
  const lift = liftOf(r.massKg, area, firm.house);
  return (
    <p className={lift === "machine" ? "note-wax" : "text-[14px]"}>
      <span className="font-medium">{massText(r.massKg, prefs.unit)}</span>:{" "}
      {lift === 1
        ? "one person lifts it."
        : lift === 2
          ? `two people and ${cupsFor(r.massKg, firm.house.cupKg)} rated suction cups.`
          : "too heavy for two: a machine, and someone trained to use it."}
    </p>
  );
}

/** Weights of a sliding sash before and after; skipped for a fixed light, with a word why. */
function SashWeights() {
  const { book, reckoning: r, firm, say, write } = usePane();
  const sash = book.sash ?? {
    position: book.found?.hinge === "fixed" || book.before.exam.opens === "fixed" ? ("fixed" as const) : null,
    sashKg: null,
  };
  const slides = book.found?.hinge === "slides" || book.before.exam.opens === "slides";
  if (!slides && book.sash === null)
    return (
      <p className="text-[13px] text-mute">
        {sash.position === "fixed"
          ? "A fixed light: nothing hangs, so no balance or hinge is asked for."
          : r.massKg !== null && book.found && book.found.hinge !== "not-said"
            ? say("Hinged: look at the hinges' rated mass, and pack the {pane} on the diagonal from the hinge foot.")
            : "Say under Measure how it hangs, and balances or hinges are reckoned."}
      </p>
    );
  const oldGlassKg =
    r.cut.ok && r.readings["old-thickness"] !== undefined
      ? massOf(r.cut.value.glass.width, r.cut.value.glass.height, r.readings["old-thickness"])
      : r.cut.ok
        ? massOf(r.cut.value.glass.width, r.cut.value.glass.height, mm(3))
        : null;
  const timber = timberOf(r, oldGlassKg);
  const balance =
    sash.sashKg !== null &&
    oldGlassKg !== null &&
    r.massKg !== null &&
    (sash.position === "upper" || sash.position === "lower")
      ? balanceFor({
          sash: sash.position,
          sashKg: sash.sashKg,
          oldGlassKg,
          newGlassKg: r.massKg,
          offKg: firm.house.offBalanceKg,
        })
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
            : `take ${(-balance.change).toFixed(2)} kg off each side.`}{" "}
          Springs or spirals: a pair for the whole new sash.
        </p>
      )}
    </div>
  );
}

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

function Cracking() {
  const { book, reckoning: r, say } = usePane();
  const close = book.before.exam.close ?? "nothing";
  const risk = crackingOf({
    kind: r.glass.kind,
    tinted: /tint|grey|bronze|green|blue/i.test(r.glass.pattern ?? ""),
    wired: book.before.special.includes("wired"),
    coated: (book.makeup?.coatings.length ?? 0) > 0,
    sealed: isUnit(book),
    close,
    partShade: false,
    darkFrame: false,
  });
  return (
    <p className={risk.risk === "high" ? "note-wax" : "text-[14px]"}>
      <span className="font-medium">
        Heat cracking: {risk.risk === "low" ? "unlikely" : risk.risk === "some" ? "some risk" : "likely"}.
      </span>{" "}
      {say(risk.advice.join(" "))}
    </p>
  );
}

/** Those that a pane is set in; the rest only touch it. */
const SET_IN: readonly Setting[] = ["linseed", "acrylic", "silicone", "tape"];

const NAMES: Readonly<Record<Setting, string>> = {
  linseed: "linseed {putty}",
  acrylic: "acrylic compound",
  "two-part": "two-part {putty}",
  silicone: "neutral-cure silicone",
  acetoxy: "silicone that smells of vinegar",
  tape: "glazing tape",
  solvent: "strong solvent",
};

function Touching() {
  const { book, reckoning: r, say } = usePane();
  const against = againstOf(book, r.glass);
  const all = (Object.keys(NAMES) as Setting[]).map((s) => ({ setting: s, ...compatible(s, against) }));
  const of = (j: "yes" | "care" | "no") => all.filter((a) => a.says === j);
  const settings = (j: "yes" | "care") => of(j).flatMap((a) => (SET_IN.includes(a.setting) ? [NAMES[a.setting]] : []));
  const title = [
    settings("yes").join(", "),
    settings("care").length > 0 ? `with care ${settings("care").join(", ")}` : "",
  ]
    .filter(Boolean)
    .join("; ");
  return (
    <Fold as="small" title={say(`What it may be set in: ${title}`)}>
      <ul className="text-[13px]">
        {(["care", "no"] as const).flatMap((j) =>
          of(j).map((a) => (
            <li key={a.setting} className={j === "no" ? "trouble" : ""}>
              {j === "no" ? "Not" : "With care:"} {say(NAMES[a.setting])}. {say(a.because.join(" "))}
            </li>
          )),
        )}
      </ul>
      <p className="text-[12px] text-mute">Source: {all[0]?.source}.</p>
    </Fold>
  );
}
