import { readsWhole } from "../../core/measure/ways.ts";
import { oldGlassOnly } from "../../core/pane/old-glass.ts";
import { isUnit } from "../../core/pane/unit.ts";
import { windHere } from "../../core/pane/wind-here.ts";
import { Alike } from "../panels/Alike.tsx";
import { usePane } from "../panels/pane-context.ts";
import { WallOnStage } from "../panels/SiteForm.tsx";
import { photosTab } from "../stage/photos-tab.tsx";
import { Stage } from "../stage/Stage.tsx";
import { Bearing } from "./Bearing.tsx";
import { LooksPart, PartsPart } from "./LooksPart.tsx";
import { Matching } from "./Matching.tsx";
import { OldForNew } from "./OldForNew.tsx";
import { OldPane } from "./OldPane.tsx";
import { PanelPart, StormNote } from "./PanelPart.tsx";
import { UnitCandidates } from "./UnitCandidates.tsx";

/** Candidates side by side, or the place on the wall; behind tabs what it weighs, how it looks, and the old one. */
export function SpecifyStage() {
  const { book, reckoning: r, firm, alike } = usePane();
  // Of glass that goes back nothing is chosen.
  const back = oldGlassOnly(book);
  const asPane = !readsWhole(book.way) && !back;
  const unit = isUnit(book) && asPane;
  return (
    <Stage
      tabs={[
        unit && r.cut.ok && { id: "units", name: "What could stand here", content: <UnitCandidates /> },
        !back && { id: "wall", name: "On its wall", content: <WallOnStage /> },
        !back && {
          id: "bears",
          name: "Weight and wind",
          more: windHere(book, r, firm.house)?.holds === false ? "too thin" : undefined,
          content: (
            <div className="max-w-2xl space-y-5">
              <Bearing />
            </div>
          ),
        },
        !back && {
          id: "looks",
          name: "Looks and parts",
          content: (
            <div className="max-w-2xl space-y-5">
              <LooksPart />
              <PartsPart />
              {!unit && asPane && <PanelPart />}
              <StormNote />
              <Matching />
            </div>
          ),
        },
        (asPane || back) && {
          id: "old",
          name: "The old one",
          content: (
            <div className="max-w-2xl space-y-5">
              {!back && <OldForNew />}
              <OldPane />
            </div>
          ),
        },
        alike.length > 0 && { id: "alike", name: "Like {panes}", more: String(alike.length), content: <Alike /> },
        photosTab("specify", book),
      ]}
    />
  );
}
