import { thicknessFrom } from "../../core/measure/thickness.ts";
import { thickerText } from "../../core/pane/before-order.ts";
import { makeupOfStack, stackChosen, stacksOf, thickerThanRead } from "../../core/pane/candidates.ts";
import { CONVERSION_READS, conversionUnread, isConversion, unitsForSash } from "../../core/pane/conversion.ts";
import { locationOf } from "../../core/pane/location.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { makeupHeat, makeupText, NO_SPACER, SPACERS } from "../../core/specify/makeup.ts";
import type { Stack } from "../../core/specify/stack.ts";
import { writeLength } from "../../core/tape/write.ts";
import { toMm } from "../../core/units/length.ts";
import { HEAT_UNIT, heatFigure } from "../../core/words/heat.ts";
import { stackText } from "../../core/words/opening.ts";
import { PLACE_NAMES } from "../../core/words/places.ts";
import { routLine } from "../../core/words/through.ts";
import { OneOrUnit } from "../panels/OneOrUnit.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { ReadingField, ReadingTrouble } from "../panels/ReadingField.tsx";
import { useStage } from "../stage/stage-context.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre, type Picks } from "../ui/picks.ts";

/** The faces of a unit of two sheets that a coating may be on, counted from outside. */
const COATED: Picks<string> = [
  ["2", "2, on the outer sheet: less sun in"],
  ["3", "3, on the inner sheet: more sun in"],
];

const WAS = {
  title: "What was there",
  tap: "tap the one it is, the likeliest first",
  list: "What its thickness can be, the likeliest first",
};
const TAKES = {
  title: "What this sash can take",
  tap: "tap one, the warmest that it holds first",
  list: "What this sash can take, the warmest that it holds first",
};

const MOST_SHOWN = 3;
const SKETCH = { width: 60, height: 24 };

/** The sheets and the spacer of a stack to scale, the outside at the left. */
function StackSketch({ stack }: { readonly stack: Stack }) {
  const parts = stack.panes.flatMap((p, i) => {
    const spacer = stack.spacers[i];
    return [{ mm: toMm(p), isPane: true }, ...(spacer === undefined ? [] : [{ mm: toMm(spacer), isPane: false }])];
  });
  const scale = SKETCH.width / Math.max(...[36, parts.reduce((sum, p) => sum + p.mm, 0)]);
  let x = (SKETCH.width - parts.reduce((sum, p) => sum + p.mm, 0) * scale) / 2;
  return (
    <svg
      viewBox={`0 0 ${SKETCH.width} ${SKETCH.height}`}
      width={SKETCH.width}
      height={SKETCH.height}
      aria-hidden="true"
    >
      {parts.map((p) => {
        const at = x;
        x += p.mm * scale;
        return p.isPane ? (
          <rect key={at} x={at} y={1} width={p.mm * scale} height={SKETCH.height - 2} className="d-pane" />
        ) : (
          <rect key={at} x={at} y={SKETCH.height - 8} width={p.mm * scale} height={7} className="d-spacer" />
        );
      })}
    </svg>
  );
}

/** A sealed unit: what was there, and what of the one chosen is still to be said. The choice itself stands on the stage. */
export function UnitPart() {
  const { book, reckoning: r, prefs, say, write } = usePane();
  const { openTab } = useStage();
  if (!isUnit(book)) return null;
  const stacks = stacksOf(book, r);
  const known = thicknessFrom(r.readings);
  const off = thickerText(thickerThanRead(book, r));
  const chosen = book.makeup;
  // Where one sheet was, the sash says what can stand in it.
  const units = isConversion(book) && known.overall === null ? unitsForSash(book, r.house) : null;
  const unread = units ? conversionUnread(book) : [];
  const now = units ? TAKES : WAS;
  return (
    <>
      <OneOrUnit as="line" />
      <Part title={now.title} more={stacks.length > 0 ? now.tap : "from its thickness"}>
        {stacks.length > 0 && (
          <ul className="flex flex-wrap gap-2" aria-label={now.list}>
            {stacks.slice(0, units ? stacks.length : MOST_SHOWN).map((s, i) => {
              const is = s === stackChosen(chosen, stacks);
              const rout = units?.[i]?.rout ?? null;
              return (
                <li key={stackText(s)}>
                  <button
                    type="button"
                    className={`btn flex-col gap-0.5 px-2 py-1 ${is ? "btn-on" : ""}`}
                    aria-pressed={is}
                    onClick={() =>
                      write("specify.makeup", {
                        makeup: makeupOfStack(s, chosen, r.safety?.kind === "needed" ? "toughened" : "float"),
                      })
                    }
                  >
                    <StackSketch stack={s} />
                    <span className="tight text-[13px]">{stackText(s)}</span>
                    {rout && (
                      <span className={`text-[12px] leading-tight ${rout.holds ? "text-mute" : "trouble"}`}>
                        {routLine(rout, prefs.unit)}
                      </span>
                    )}
                  </button>
                </li>
              );
            })}
          </ul>
        )}
        {off && <p className="note-wax">{say(off)}</p>}
        {unread.length > 0 && (
          <div className="grid grid-cols-2 gap-2">
            {CONVERSION_READS.map((p) => (
              <ReadingField key={p} place={p} label={say(PLACE_NAMES[p])} />
            ))}
          </div>
        )}
        {!units && (known.overall === null || known.by === "caliper") && (
          <div className="max-w-44">
            <ReadingField place="unit-thickness" label="how thick it is, overall" />
          </div>
        )}
        <ReadingTrouble places={["unit-thickness"]} />
        <p className="text-[13px] text-mute">
          {units
            ? say(
                unread.length > 0
                  ? "No old {unit} says how thick it may be: read the {rebate} and the timber, and each says what must be routed for it."
                  : "The thicker the warmer, as long as timber enough stays. The {rebate} is read again once it is routed.",
              )
            : stacks.length > 0
              ? "Gas that was in it is gone once it is broken or misted."
              : known.overall === null
                ? say(
                    `Its thickness is not read: a {unit} of ${writeLength(r.glass.thickness, prefs.unit, { places: 0, ticks: 16 })} is taken until it is.`,
                  )
                : "No unit that is made is as thick as that: read it again, or choose one of the columns."}{" "}
          {book.coating?.coated === "yes"
            ? `Coated${book.coating.face ? ` on ${book.coating.face}` : ""}.`
            : book.coating?.coated === "no"
              ? "Not coated."
              : ""}
        </p>
      </Part>
      <Part title="What should be there">
        {locationOf(book).wetRoom && !book.looks?.pattern && (
          <p className="note-wax flex flex-wrap items-center justify-between gap-2">
            <span>A wet room's is often patterned on one sheet. Look at the old one.</span>
            <button type="button" className="btn btn-small" onClick={() => openTab("looks")}>
              Say its pattern
            </button>
          </p>
        )}
        {!chosen &&
          (r.cut.ok ? (
            <button type="button" className="btn w-full" onClick={() => openTab("units")}>
              Choose: what could stand here is worked out
            </button>
          ) : (
            <p>What could stand here is worked out once width and height are read.</p>
          ))}
        {chosen && (
          <div className="space-y-2">
            <p className="text-[14px] font-medium">
              {say(makeupText(chosen))}: <span className="tight">{heatFigure(makeupHeat(chosen), prefs.unit)}</span>{" "}
              {HEAT_UNIT[prefs.unit]}
            </p>
            <div className="grid grid-cols-2 gap-2">
              <PickOne
                name="Spacer, as its neighbours"
                of={asTheyAre<string>(SPACERS)}
                value={chosen.spacer === NO_SPACER ? null : chosen.spacer}
                unsaid="look at them, and say"
                change={(spacer) => write("specify.makeup", { makeup: { ...chosen, spacer } })}
              />
              {chosen.coatings.length === 1 && (
                <PickOne
                  name="Coated face, from outside"
                  of={COATED}
                  value={String(chosen.coatings[0]?.face)}
                  change={(face) =>
                    write("specify.makeup", {
                      makeup: {
                        ...chosen,
                        coatings: chosen.coatings.map((c) => ({ ...c, face: Number(face) })),
                      },
                    })
                  }
                />
              )}
            </div>
          </div>
        )}
      </Part>
    </>
  );
}
