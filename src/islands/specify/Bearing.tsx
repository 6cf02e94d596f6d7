import { COMPOUND_IDS } from "../../core/bed/compound.ts";
import { runsInSun } from "../../core/bed/sun.ts";
import { compatible, type Setting } from "../../core/bed/touches.ts";
import { againstOf, mayTouch } from "../../core/pane/bed-here.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import { windHere } from "../../core/pane/wind-here.ts";
import { crackingOf } from "../../core/specify/cracking.ts";
import { cupsFor, liftOf } from "../../core/specify/mass.ts";
import { EXPOSURE_NAMES, EXPOSURES } from "../../core/specify/wind.ts";
import type { Template } from "../../core/text/template.ts";
import { toMm } from "../../core/units/length.ts";
import { massText } from "../../core/words/mass.ts";
import { Fold } from "../panels/Fold.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { SashWeights } from "./SashWeights.tsx";

/** What the glass must bear and what must bear it: wind, lifting, balances, heat, and what it may be set in. */
export function Bearing() {
  // How thick the glass is in what comes whole, and what it lies in, is its maker's.
  const asPane = wholeOf(usePane().book) === null;
  return (
    <Part title="Will it bear it?">
      <Wind />
      <Lifting />
      <SashWeights />
      {asPane && <Cracking />}
      {asPane && <Touching />}
    </Part>
  );
}

function Wind() {
  const { book, reckoning: r, firm, say, write } = usePane();
  const wind = windHere(book, r, firm.house);
  if (!wind) return null;
  const { loadKpa: load, holds, worst } = wind;
  const exposure = book.exposure ?? "town";
  return (
    <div className={holds ? "note-glass" : "note-wax"}>
      <div className="flex flex-wrap items-center justify-between gap-2">
        <span className="font-medium">
          {say(`Wind ${load.toFixed(2)} kPa: ${holds ? "thick enough" : "too thin for this size"}`)}
        </span>
        <PickOne
          name="How it stands to the wind"
          quiet
          inline
          of={EXPOSURES.map((x) => [x, EXPOSURE_NAMES[x]] as const)}
          value={exposure}
          change={(to) => write("specify.exposure", { exposure: to })}
        />
      </div>
      <p className="text-[13px]">
        {say(
          `${worst.stressMpa.toFixed(1)} MPa of ${worst.strengthMpa.toFixed(1)} MPa, bends ${worst.deflectionMm.toFixed(1)} mm of ${worst.deflectionLimitMm.toFixed(1)} mm. Indicative only, by EN 16612 values.`,
        )}
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

function Cracking() {
  const { book, reckoning: r, say, write } = usePane();
  const sun = book.sun ?? { partShade: false, darkFrame: false };
  const close = book.before.exam.close ?? "nothing";
  const risk = crackingOf({
    kind: r.glass.kind,
    tinted: Boolean(book.looks?.tint) || /tint|grey|bronze|green|blue/i.test(r.glass.pattern ?? ""),
    wired: book.before.special.includes("wired"),
    coated: (book.makeup?.coatings.length ?? 0) > 0,
    sealed: isUnit(book),
    close,
    ...sun,
  });
  return (
    <div className={risk.risk === "high" ? "note-wax" : "text-[14px]"}>
      <p>
        <span className="font-medium">
          Heat cracking: {risk.risk === "low" ? "unlikely" : risk.risk === "some" ? "some risk" : "likely"}.
        </span>{" "}
        {say(risk.advice.join(" "))}
      </p>
      <div className="flex flex-wrap gap-1.5 pt-1">
        {(
          [
            ["partShade", "part of it in shade"],
            ["darkFrame", "dark frame"],
          ] as const
        ).map(([key, name]) => (
          <label key={key} className="chip">
            <input
              type="checkbox"
              checked={sun[key]}
              onChange={(e) => write("specify.sun", { ...sun, [key]: e.target.checked })}
            />
            {name}
          </label>
        ))}
      </div>
    </div>
  );
}

/** Those that a pane is set in; the rest only touch it. */
const SET_IN: readonly Setting[] = COMPOUND_IDS;

const NAMES: Readonly<Record<Setting, Template>> = {
  linseed: "linseed {putty}",
  acrylic: "acrylic compound",
  "metal-casement": "metal-casement {putty}",
  "two-part": "two-part {putty}",
  silicone: "neutral-cure silicone",
  acetoxy: "silicone that smells of vinegar",
  tape: "glazing tape",
  "tape-and-sealant": "tape and silicone",
  gasket: "its gaskets",
  solvent: "strong solvent",
};

function Touching() {
  const { book, reckoning: r, firm, say } = usePane();
  const dark = book.sun?.darkFrame ?? false;
  const hot = firm.compounds.filter((c) => mayTouch(c, book, r.glass).says !== "no" && runsInSun(c, dark));
  const against = againstOf(book, r.glass);
  const all = (Object.keys(NAMES) as Setting[]).map((s) => ({ setting: s, ...compatible(s, against) }));
  const saying = (j: "yes" | "care" | "no") => all.filter((a) => a.says === j);
  const settings = (j: "yes" | "care") =>
    saying(j).flatMap((a) => (SET_IN.includes(a.setting) ? [NAMES[a.setting]] : []));
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
          saying(j).map((a) => (
            <li key={a.setting} className={j === "no" ? "trouble" : ""}>
              {j === "no" ? "Not" : "With care:"} {say(NAMES[a.setting])}. {say(a.because.join(" "))}
            </li>
          )),
        )}
      </ul>
      <ul className="text-[13px]">
        {hot.map((c) => (
          <li key={c.id} className="trouble">
            {say(c.name)}: {runsInSun(c, dark)}
          </li>
        ))}
      </ul>
      <p className="text-[12px] text-mute">Source: {all[0]?.source}.</p>
    </Fold>
  );
}
