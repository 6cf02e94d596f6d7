import { pinned, standsOnPackers } from "../../core/frame/held.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { opensAs } from "../../core/pane/hangs.ts";
import { oldGlassBack } from "../../core/pane/old-glass.ts";
import { readyFacts } from "../../core/pane/step-facts.ts";
import { setMethods } from "../../core/set/methods.ts";
import type { Ask } from "../../core/steps/step.ts";
import { usePane } from "../panels/pane-context.ts";
import { runsInLine, SealPath } from "../panels/SealPath.tsx";
import { photosTab } from "../stage/photos-tab.tsx";
import { Stage } from "../stage/Stage.tsx";
import { StepOnSash } from "../stage/StepOnSash.tsx";
import { waysTab } from "../stage/ways-tab.tsx";
import { MaterialsUsed } from "../steps/MaterialsUsed.tsx";
import { MethodCards } from "../steps/MethodCards.tsx";
import { useSteps } from "../steps/use-steps.ts";
import { AsItWas } from "./AsItWas.tsx";
import { PickList } from "./PickList.tsx";
import { Pins } from "./Pins.tsx";
import { PlugWay } from "./PlugWay.tsx";
import { SettingDrawing } from "./SettingDrawing.tsx";
import { Simulator } from "./Simulator.tsx";

/** Which tab a step's question is about; the others are about the sash. */
const ABOUT: Readonly<Partial<Record<Ask, string>>> = {
  packers: "packers",
  "open-time": "bed",
  "seal-path": "bed",
  pins: "pins",
  gaps: "simulator",
};

/** Packers and how the load runs, the line of the bed, the simulator: whichever the step is about. */
export function SetStage() {
  const { book, reckoning: r } = usePane();
  const { shown } = useSteps("set");
  const { map, joints } = book.before;
  const facts = readyFacts(book, r);
  const asPane = facts.whole === null;
  return (
    <Stage
      about={(asPane && shown?.asks && ABOUT[shown.asks]) || "sash"}
      tabs={[
        {
          id: "sash",
          name: "The sash",
          content: (
            <StepOnSash
              station="set"
              step={shown}
              done="clear"
              own={
                shown?.asks === "plugs"
                  ? { drawing: <PlugWay />, how: "short edge first, both prongs into the hole" }
                  : undefined
              }
            />
          ),
        },
        (r.cut.ok || r.stands.size !== null || oldGlassBack(book)) &&
          asPane &&
          standsOnPackers(facts) && { id: "packers", name: "{Packers}", content: <SettingDrawing /> },
        runsInLine(facts.bed) && asPane && { id: "bed", name: "Line of the bed", content: <SealPath /> },
        r.cut.ok && asPane && pinned(likeOf(book)) && { id: "pins", name: "Pins", content: <Pins /> },
        r.cut.ok &&
          asPane &&
          standsOnPackers(facts) &&
          opensAs(book) !== "fixed" && { id: "simulator", name: "Simulator", content: <Simulator /> },
        { id: "hand", name: "To hand", content: <PickList /> },
        (map.length > 0 || joints !== null || book.marks !== null) && {
          id: "map",
          name: "How it was",
          content: <AsItWas />,
        },
        waysTab(
          "set",
          <MethodCards title="Small skills" more="fixing, pressing, wiping" methods={setMethods(facts)} />,
        ),
        { id: "used", name: "What was used", content: <MaterialsUsed /> },
        photosTab("set", book),
      ]}
    />
  );
}
