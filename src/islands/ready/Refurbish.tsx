import { optionsFor } from "../../core/look/options.ts";
import { stepKey } from "../../core/pane/book.ts";
import { optionsFacts } from "../../core/pane/options-facts.ts";
import { stepsAt } from "../../core/pane/steps-at.ts";
import { dryingOf, FILLED, type FilledSides, filledOf, refurbishNeeds } from "../../core/refurbish/beads-and-seal.ts";
import { BEADS_OVEN_C } from "../../core/refurbish/steps.ts";
import { effortOf } from "../../core/steps/step.ts";
import { addDays, dayOf, writeDay } from "../../core/units/day.ts";
import { toMm } from "../../core/units/length.ts";
import { sayDayFrom } from "../../core/words/days.ts";
import { money } from "../../core/words/money.ts";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Steps } from "../steps/Steps.tsx";
import { Ticks } from "../steps/Ticks.tsx";
import { DayField } from "../ui/DayField.tsx";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import { Cleaned } from "./Cleaned.tsx";
import { SpacerGaps } from "./SpacerGaps.tsx";

const USUAL = { spacerMm: 16, boreMm2: 70, channelMm: 4, filledSides: "all" as FilledSides, keyLegMm: 25 };
const SPACER_HIGH_MM = 7;

/** Opening, drying and closing a misted unit: what it takes, how dry it is, and the mark it leaves. */
export function Refurbish() {
  const { book, reckoning: r, firm, say, write, today } = usePane();
  const { refurbish } = book.before;
  const size = r.cut.ok ? r.cut.value.glass : null;
  const unit = refurbish.unit ?? USUAL;
  const facts = optionsFacts(book, r);
  const needs =
    size &&
    refurbishNeeds({
      glass: { widthMm: toMm(size.width), heightMm: toMm(size.height) },
      ...unit,
      spacerHighMm: SPACER_HIGH_MM,
      waste: firm.house.waste,
    });
  const steps = stepsAt("ready", book, r).filter((s) => s.id.startsWith("ru-"));
  const spent = effortOf(steps.filter((s) => book.steps.get(stepKey("ready", s.id))?.state === "done")).minutes / 60;
  const renew = optionsFor(facts, firm.house).find((o) => o.kind === "glass");
  const drying = dryingOf(refurbish.weighings);
  return (
    <Part title="Refurbish the {unit}" more="no gas, no guarantee, no test: it may mist again">
      <div className="grid grid-cols-3 gap-2">
        {(
          [
            ["spacerMm", "spacer, mm"],
            ["boreMm2", "its bore, mm²"],
            ["channelMm", "channel deep, mm"],
            ["keyLegMm", "corner key leg, mm"],
          ] as const
        ).map(([key, name]) => (
          <label key={key}>
            <span className="text-[13px] text-mute">{name}</span>
            <input
              type="number"
              step="any"
              min={1}
              className="tight"
              key={unit[key]}
              defaultValue={unit[key]}
              onBlur={(e) => {
                const to = e.target.valueAsNumber;
                if (Number.isFinite(to) && to > 0 && to !== unit[key]) write("refurbish.unit", { ...unit, [key]: to });
              }}
            />
          </label>
        ))}
        <PickOne
          name="filled sides"
          of={asTheyAre(FILLED)}
          value={filledOf(unit.filledSides)}
          change={(filledSides) => write("refurbish.unit", { ...unit, filledSides })}
        />
      </div>
      <p className="note-glass">
        {needs
          ? `Drying beads ${needs.beadsG.toFixed(0)} g (${needs.beadsMl.toFixed(0)} ml); edge sealant ${needs.sealMl.toFixed(0)} ml: ${needs.tubes} ${needs.tubes === 1 ? "tube" : "tubes"} of 310 ml, waste allowed for.`
          : "Give the unit's width and height under Measure: beads and sealant follow."}
      </p>
      <div className="grid grid-cols-2 gap-2">
        {(["a", "b"] as const).map((p) => (
          <label key={p}>
            <span className="text-[13px] text-mute">Pane {p.toUpperCase()}: mark, up, which face in the room</span>
            <input
              key={refurbish.panes?.[p]}
              maxLength={200}
              defaultValue={refurbish.panes?.[p] ?? ""}
              onBlur={(e) =>
                e.target.value !== (refurbish.panes?.[p] ?? "") &&
                write("refurbish.panes", { ...(refurbish.panes ?? { a: "", b: "" }), [p]: e.target.value })
              }
            />
          </label>
        ))}
      </div>
      <Steps
        station="ready"
        steps={steps}
        asks={{
          faces: (step) => <Ticks station="ready" step={step} />,
          spacer: (step) => <Ticks station="ready" step={step} />,
          gaps: () => <SpacerGaps />,
        }}
      />
      <p className="text-[13px]">
        About {spent.toFixed(1)} h in so far,{" "}
        {money(Math.round(spent * firm.house.hourRate * 100), firm.house.currency)} of work, and{" "}
        {money(Math.round(firm.house.refurbishKit * 100), firm.house.currency)} of material
        {renew && `; a new unit, fitted, is ${money(renew.pence, firm.house.currency)}`}.
      </p>
      <Cleaned coated={facts.coated === true} />
      <h3 className="font-semibold">Oven log</h3>
      {refurbish.weighings.length > 0 && (
        <ul className="tight text-[14px]">
          {[...refurbish.weighings]
            .sort((a, b) => a.minutes - b.minutes)
            .map((w) => (
              <li key={`${w.minutes} ${w.grams}`}>
                {w.minutes} min: {w.grams} g
              </li>
            ))}
        </ul>
      )}
      <p className={drying.kind === "dry" ? "note-glass" : "text-[13px] text-mute"}>
        {drying.kind === "weigh-first"
          ? `Weigh them before the oven and again after an hour, at ${BEADS_OVEN_C} °C or as the label says.`
          : drying.kind === "again"
            ? `${drying.lost.toFixed(1)} g lost so far: weigh again in half an hour.`
            : `Dry: the weight no longer falls. ${drying.lostInAll.toFixed(1)} g of water is gone. Fill them in now.`}
      </p>
      <form
        className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          const form = new FormData(e.currentTarget);
          write("refurbish.weighed", {
            grams: Number(form.get("grams")),
            minutes: Math.round(Number(form.get("minutes"))),
          });
          e.currentTarget.reset();
        }}
      >
        <label>
          <span className="text-[13px] text-mute">minutes in the oven</span>
          <input name="minutes" type="number" min={0} max={10000} required className="tight" />
        </label>
        <label>
          <span className="text-[13px] text-mute">grams</span>
          <input name="grams" type="number" step="any" min={0} max={20000} required className="tight" />
        </label>
        <button type="submit" className="btn">
          Weighed
        </button>
      </form>
      {refurbish.closed ? (
        <p className="note-wax">
          Resealed {sayDayFrom(dayOf(refurbish.closed.day), today)} with {refurbish.closed.sealant}: no gas, no
          guarantee. Look again {sayDayFrom(dayOf(refurbish.closed.lookAgain), today)}.
        </p>
      ) : (
        <form
          className="grid grid-cols-2 items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            const form = new FormData(e.currentTarget);
            write("refurbish.closed", {
              day: writeDay(today),
              sealant: String(form.get("sealant") ?? ""),
              lookAgain: String(form.get("again")),
            });
          }}
        >
          <label>
            <span className="text-[13px] text-mute">Sealant used</span>
            <input name="sealant" required maxLength={200} />
          </label>
          <DayField
            says="Look again on"
            name="again"
            required
            min={writeDay(today)}
            start={writeDay(addDays(today, 180))}
          />
          <button type="submit" className="btn col-span-2">
            {say("The {unit} is closed again")}
          </button>
        </form>
      )}
    </Part>
  );
}
