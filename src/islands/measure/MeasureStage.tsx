import type { Place } from "../../core/measure/places.ts";
import { readsWhole } from "../../core/measure/ways.ts";
import { cureName, needsCure } from "../../core/pane/needs-cure.ts";
import { oldGlassOnly } from "../../core/pane/old-glass.ts";
import { Alike } from "../panels/Alike.tsx";
import { usePane } from "../panels/pane-context.ts";
import { Elevation } from "../stage/Elevation.tsx";
import { Figures } from "../stage/Figures.tsx";
import { photosTab } from "../stage/photos-tab.tsx";
import { Section } from "../stage/Section.tsx";
import { Stage } from "../stage/Stage.tsx";
import { Cures } from "./Cures.tsx";
import { CutRule } from "./CutRule.tsx";
import { FoundPart } from "./FoundPart.tsx";
import { OtherFace } from "./OtherFace.tsx";

type Props = {
  readonly asked: Place | null;
  readonly ask: (place: Place) => void;
  readonly goTo: (place: Place) => void;
};

/** The opening to scale and its section; behind tabs what comes off and the odds of it, the other face, and what was found. */
export function MeasureStage({ asked, ask, goTo }: Props) {
  const { book, reckoning: r, alike } = usePane();
  // Of what is made whole nothing is cut, and nothing of its glass is found out.
  const whole = readsWhole(book.way);
  // Of glass that goes back nothing is cut either.
  const sized = !whole && !oldGlassOnly(book);
  return (
    <Stage
      tabs={[
        {
          id: "opening",
          name: "The opening",
          content: (
            <div
              className="grid h-full min-h-0 gap-4 desk:data-[with=section]:grid-cols-[minmax(0,11fr)_minmax(0,9fr)]"
              data-with={whole ? "nothing" : "section"}
            >
              <Elevation asked={asked} onPlace={goTo} />
              {!whole && (
                <div className="flex min-h-0 flex-col gap-3">
                  <Section />
                  <Figures />
                </div>
              )}
            </div>
          ),
        },
        sized && {
          id: "rule",
          name: "How much to take off",
          content: (
            <div className="max-w-3xl">
              <CutRule />
            </div>
          ),
        },
        sized &&
          needsCure(r) && {
            id: "cures",
            name: cureName(r),
            content: (
              <div className="max-w-3xl">
                <Cures />
              </div>
            ),
          },
        sized && {
          id: "face",
          name: "The other face",
          content: (
            <div className="max-w-2xl">
              <OtherFace ask={ask} />
            </div>
          ),
        },
        !whole && {
          id: "found",
          name: "Bars, coating, marks, hinges",
          content: (
            <div className="max-w-2xl">
              <FoundPart ask={ask} />
            </div>
          ),
        },
        alike.length > 0 && {
          id: "alike",
          name: "Like {panes}",
          more: String(alike.length),
          content: <Alike readings />,
        },
        photosTab("measure", book),
      ]}
    />
  );
}
