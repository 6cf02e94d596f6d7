import type { Payloads } from "../../core/log/kinds.ts";
import { readsWhole } from "../../core/measure/ways.ts";
import { glassMakes, makesOffered, usualSheet } from "../../core/pane/glass-here.ts";
import { locationOf } from "../../core/pane/location.ts";
import { oldGlassOnly } from "../../core/pane/old-glass.ts";
import { offItsGasket, takesOneThickness } from "../../core/pane/one-thickness.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { windHere } from "../../core/pane/wind-here.ts";
import { EDGES, GLASS_KINDS, GLASS_NAMES, sheetMakes, THICKNESSES, thicknessAs } from "../../core/specify/glass.ts";
import { type PlaceFlag, placeAsked } from "../../core/specify/place-asked.ts";
import { writeNumber } from "../../core/tape/write.ts";
import type { Written } from "../../core/tape/written.ts";
import { nm, toMm } from "../../core/units/length.ts";
import { safetyText } from "../../core/words/ticket.ts";
import { useAskedFirst } from "../panels/asked-first.ts";
import { BedChoice } from "../panels/BedChoice.tsx";
import { OneOrUnit } from "../panels/OneOrUnit.tsx";
import { Part } from "../panels/Part.tsx";
import { usePane } from "../panels/pane-context.ts";
import { useQuickAnswers } from "../panels/quick-answers.ts";
import { ReadingField } from "../panels/ReadingField.tsx";
import { SiteForm } from "../panels/SiteForm.tsx";
import { useStage } from "../stage/stage-context.ts";
import { PickOne } from "../ui/PickOne.tsx";
import { asTheyAre } from "../ui/picks.ts";
import { InWhole } from "./InWhole.tsx";
import { PatternOrTint } from "./PatternOrTint.tsx";
import { UnitPart } from "./UnitPart.tsx";
import { Unknowns } from "./Unknowns.tsx";

const WHERE: Readonly<Record<PlaceFlag, string>> = {
  inDoor: "in a door",
  wetRoom: "in a wet room",
  stairs: "by stairs or a landing",
  walkway: "a walkway beside it",
};

/** Up to this mass a piece off the rack is worth looking for. */
const OFFCUT_UP_TO_KG = 6;

/** Which glass, or that the one that was there goes back. */
export function Specify() {
  const { book } = usePane();
  return oldGlassOnly(book) ? <GoesBack /> : <Chosen />;
}

/** The glass that was there goes back: only what it is set in is to be said. */
function GoesBack() {
  const { book } = usePane();
  return (
    <div className="space-y-5">
      <p className="note-glass">
        The old glass goes back, as chosen under <a href={`/panes/${book.id}/look`}>Look</a>: no other is chosen here.
      </p>
      <BedChoice as="part" />
    </div>
  );
}

/** Which glass, and whether this place needs safety glass. */
function Chosen() {
  const { openTab } = useStage();
  const quick = useQuickAnswers();
  const first = useAskedFirst("specify");
  const { book, reckoning: r, prefs, say, write, firm } = usePane();
  const makes = glassMakes(book);
  const glass: Payloads["specify.glass"] = book.glass ?? {
    kind: r.glass.kind,
    thickness: { text: writeNumber(r.glass.thickness, makes), unit: makes },
    edges: r.glass.edges,
    pattern: "",
  };
  const change = (to: Partial<Payloads["specify.glass"]>) => write("specify.glass", { ...glass, ...to });
  const made = makesOffered(book).flatMap((unit) =>
    THICKNESSES[unit][glass.kind].map((t) => ({ text: writeNumber(t, unit), unit })),
  );
  const named = ({ text, unit }: Written) => `${text} ${unit}` as const;
  const thick = named(glass.thickness);
  // What was chosen once stays to be seen, though it is no longer made so.
  const thicknesses = made.some((t) => named(t) === thick) ? made : [glass.thickness, ...made];
  const usual = usualSheet(book, firm.house);
  const whole = readsWhole(book.way);
  const offGasket = offItsGasket(book, r);
  const at = locationOf(book);
  return (
    <div className="space-y-5">
      <Part title="Where it is" more="decides whether safety glass is called for">
        <SiteForm drawn={false} />
        <div className="flex flex-wrap gap-2">
          {placeAsked(r.house.safetySet, at).map((key) => (
            <label key={key} className="chip">
              <input
                type="checkbox"
                checked={at[key]}
                onChange={(e) => write("specify.location", { ...at, [key]: e.target.checked })}
              />
              {WHERE[key]}
            </label>
          ))}
        </div>
        <div className={r.unsafe ? "note-wax" : "note-glass"} aria-live="polite">
          <p className="font-medium">{safetyText(r.safety, book, prefs.unit, prefs.dialect)}</p>
          <p>
            <a href="/house#glass">
              Rule set {firm.house.safetySet}
              {firm.decided.has("safetySet") ? "" : " (nobody chose it yet: choose)"}
            </a>
            , guidance only: the local code decides. Fire, guarding and overhead glass: ask a licensed person.
          </p>
        </div>
      </Part>
      {whole && <InWhole />}
      {!whole && <UnitPart />}
      {!whole && !isUnit(book) && (
        <Part title="Which glass">
          <OneOrUnit as="line" />
          <div className="grid grid-cols-2 gap-2">
            <PickOne
              name="Kind"
              of={GLASS_KINDS.map((k) => [k, say(GLASS_NAMES[k])] as const)}
              value={glass.kind}
              change={(kind) => {
                const as = thicknessAs(kind, r.glass.thickness, makes);
                change({
                  kind,
                  ...(as === r.glass.thickness ? {} : { thickness: { text: writeNumber(as, makes), unit: makes } }),
                });
              }}
            />
            <PickOne
              name="Thickness"
              of={asTheyAre(thicknesses.map(named))}
              value={thick}
              change={(to) => {
                const thickness = thicknesses.find((t) => named(t) === to);
                if (thickness) change({ thickness });
              }}
            />
            <PickOne name="Edges" of={asTheyAre(EDGES)} value={glass.edges} change={(edges) => change({ edges })} />
            <PatternOrTint pattern={glass.pattern} named={(pattern) => change({ pattern })} />
            {takesOneThickness(book) && (
              <ReadingField place="unit-thickness" label={say("the old {pane}, thick: its gasket fits one")} />
            )}
          </div>
          {offGasket !== null && (
            <p className="note-wax">
              {say(
                `${thick} is ${toMm(nm(Math.abs(offGasket)))} mm ${offGasket > 0 ? "thicker" : "thinner"} than the one that came out: order the gasket for it too, or take the old thickness.`,
              )}
            </p>
          )}
          {r.glass.thickness < usual && (
            <p className="note-wax">
              {say(
                `${thick} is thinner than is usual now: ${writeNumber(usual, sheetMakes(usual))} ${sheetMakes(usual)} is the house's least. The thicker one weighs more and takes more room through the frame; both are worked out below.`,
              )}
            </p>
          )}
          {glass.kind === "float" && r.massKg !== null && r.massKg < OFFCUT_UP_TO_KG && (
            <label className="chip">
              <input
                type="checkbox"
                checked={glass.offcut === true}
                onChange={(e) => change({ offcut: e.target.checked })}
              />
              an off-cut will do: it goes on the order
            </label>
          )}
          {glass.kind === "toughened" && (
            <p className="note-wax">
              {say(
                "{toughened} glass cannot be cut or eased afterwards: the size must be right before it is ordered.",
              ).replace(/^./, (c) => c.toUpperCase())}
            </p>
          )}
          {glass.kind === "laminated" && (
            <p className="note-wax">
              {say("Linseed {putty} spoils the layer in laminated glass: use a compound that says it may touch it.")}
            </p>
          )}
          {r.unsafe ? (
            <div className="flex flex-wrap gap-2">
              {quick.unsafe?.map((q) => (
                <button key={q.says} type="button" className="btn btn-main" onClick={q.tell}>
                  {say(q.says)}
                </button>
              ))}
            </div>
          ) : (
            !book.glass &&
            // It stands at the head of the station while it is what is next.
            first !== "glass" && (
              <button type="button" className="btn btn-main" onClick={() => change({})}>
                {say(`Keep ${thick} ${GLASS_NAMES[glass.kind]}`)}
              </button>
            )
          )}
        </Part>
      )}
      <BedChoice as="part" />
      {windHere(book, r, firm.house)?.holds === false && (
        <div className="note-wax flex flex-wrap items-center justify-between gap-2">
          <p role="alert">
            {say("Too thin for its size in the wind here. Take it thicker or {toughened}, or say how it stands.")}
          </p>
          <button type="button" className="btn btn-small" onClick={() => openTab("bears")}>
            Weight and wind
          </button>
        </div>
      )}
      <Unknowns />
    </div>
  );
}
