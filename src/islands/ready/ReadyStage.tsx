import { SIDES } from "../../core/geometry/quad.ts";
import { isRefurbished } from "../../core/pane/refurbishing.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import type { Ask } from "../../core/steps/step.ts";
import { mm } from "../../core/units/length.ts";
import { usePane } from "../panels/pane-context.ts";
import { runsInLine, SealPath } from "../panels/SealPath.tsx";
import { Board } from "../stage/Board.tsx";
import { photosTab } from "../stage/photos-tab.tsx";
import { SideWord } from "../stage/SideWord.tsx";
import { Stage } from "../stage/Stage.tsx";
import { StepOnSash } from "../stage/StepOnSash.tsx";
import { waysTab } from "../stage/ways-tab.tsx";
import { KitFold } from "../steps/KitFold.tsx";
import { useSteps } from "../steps/use-steps.ts";
import { LengthInSvg } from "../ui/Length.tsx";
import { HardwareBack } from "./HardwareBack.tsx";
import { Pilots } from "./Materials.tsx";
import { Methods } from "./Methods.tsx";
import { Resealing } from "./Resealing.tsx";
import { UnitEdge } from "./UnitEdge.tsx";

/** Which tab a step's question is about, where it is not the sash itself. */
const ABOUT: Readonly<Partial<Record<Ask, string>>> = { "seal-path": "bed", length: "bed" };

/** Four sides, each with its state; the gaps it is tried with; behind tabs the line of the bed, ways, screws and kit. */
export function ReadyStage() {
  const { book, reckoning: r } = usePane();
  const asPane = wholeOf(book) === null;
  const { shown } = useSteps("ready");
  return (
    <Stage
      about={shown?.asks && ABOUT[shown.asks]}
      tabs={[
        {
          id: "sash",
          name: "The sash",
          content: (
            <StepOnSash
              station="ready"
              step={shown}
              done="done"
              own={
                shown?.unitPart
                  ? {
                      drawing: <UnitEdge part={shown.unitPart} />,
                      title: "The {unit}, opened",
                      how: "its lower edge, in section",
                    }
                  : shown?.asks === "dry-fit" && asPane
                    ? { drawing: <FitGaps />, how: "the room that it should have on each side" }
                    : undefined
              }
            />
          ),
        },
        isRefurbished(book) && { id: "reseal", name: "The opened {unit}", content: <Resealing /> },
        runsInLine(r.compound.bed) &&
          asPane && {
            id: "bed",
            name: "Line of the bed",
            content: <SealPath />,
          },
        waysTab("ready", <Methods />),
        {
          id: "screws",
          name: "Screws and fittings",
          content: (
            <div className="max-w-2xl space-y-4">
              <HardwareBack />
              <Pilots />
            </div>
          ),
        },
        { id: "kit", name: "To bring", content: <KitFold station="ready" /> },
        photosTab("ready", book),
      ]}
    />
  );
}

/** The room on each side that the sizes leave: what a try should feel like. */
function FitGaps() {
  const { reckoning: r, prefs, say } = usePane();
  const lying = r.cut.ok && r.cut.value.opening.ok ? r.cut.value.opening.value : null;
  return (
    <Board
      glass="new"
      says={say("The {pane} tried dry, with the room on each side")}
      over={(b) =>
        lying &&
        SIDES.map((s) => {
          const { least, most } = lying.gaps[s];
          return (
            <SideWord key={s} board={b} side={s} ink="tight fill-ink">
              <LengthInSvg nm={mm(least)} unit={prefs.unit} />
              {Math.abs(most - least) >= 0.5 && (
                <>
                  {"–"}
                  <LengthInSvg nm={mm(most)} unit={prefs.unit} />
                </>
              )}
            </SideWord>
          );
        })
      }
    />
  );
}
