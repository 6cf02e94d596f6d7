import { isBeaded } from "../../core/frame/held.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import { oldGlassBack } from "../../core/pane/old-glass.ts";
import { hasBeads, stepFacts } from "../../core/pane/step-facts.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import type { Ask, Step } from "../../core/steps/step.ts";
import { takeoutMethods } from "../../core/takeout/methods.ts";
import { Closing } from "../panels/Closing.tsx";
import { HowItWas } from "../panels/HowItWas.tsx";
import { usePane } from "../panels/pane-context.ts";
import { photosTab } from "../stage/photos-tab.tsx";
import { Stage } from "../stage/Stage.tsx";
import { StepOnSash } from "../stage/StepOnSash.tsx";
import { waysTab } from "../stage/ways-tab.tsx";
import { KitFold } from "../steps/KitFold.tsx";
import { MethodCards } from "../steps/MethodCards.tsx";
import { useSteps } from "../steps/use-steps.ts";
import { BeadsOnSash } from "./BeadsOnSash.tsx";
import { Details, InFront } from "./Before.tsx";
import { closesBeside } from "./closes-beside.ts";
import { Disposal } from "./Disposal.tsx";
import { ProfilePart } from "./ProfilePart.tsx";
import { Ways } from "./Ways.tsx";

/** What a step asks that is put on the map of how it was. */
const ON_MAP: Readonly<Partial<Record<Ask, true>>> = { packers: true, water: true };

/** The sash with what the step now due is about; behind tabs the map, this frame, ways, kit and waste. */
export function TakeOutStage() {
  const { book, reckoning: r, next, say } = usePane();
  const closesHere = !book.set && !closesBeside(next);
  const { shown } = useSteps("takeout");
  const { map, detail, front } = book.before;
  const asPane = wholeOf(book) === null;
  return (
    <Stage
      about={shown?.asks && ON_MAP[shown.asks] ? "map" : "sash"}
      tabs={[
        { id: "sash", name: "The sash", content: <Sash step={shown} /> },
        {
          id: "map",
          name: "How it was",
          more: map.length > 0 ? String(map.length) : undefined,
          content: (
            <>
              <HowItWas editable />
              <a className="text-[14px]" href={`/panes/${book.id}/tags`}>
                {say("Tags for sash, {beads} and {pane}")}
              </a>
            </>
          ),
        },
        {
          id: "frame",
          name: asPane ? "This frame" : "In front",
          more: asPane && Object.keys(detail).length + front.length === 0 ? "as usual" : undefined,
          content: (
            <div className="max-w-2xl space-y-4">
              <p className="text-mute">The steps follow from it.</p>
              {asPane && <Details />}
              <InFront />
              {asPane && hasBeads(book) && <ProfilePart />}
            </div>
          ),
        },
        asPane &&
          waysTab(
            "takeout",
            <>
              <Ways />
              <MethodCards
                title="Small skills"
                more="blades, gloves, hands"
                methods={takeoutMethods(stepFacts(book, r))}
              />
            </>,
          ),
        { id: "kit", name: "To bring", content: <KitFold station="takeout" /> },
        (!oldGlassBack(book) || closesHere) && {
          id: "after",
          name: "Old glass, open hole",
          content: (
            <div className="max-w-2xl space-y-4">
              {!oldGlassBack(book) && <Disposal />}
              {closesHere && <Closing />}
            </div>
          ),
        },
        photosTab("takeout", book),
      ]}
    />
  );
}

function Sash({ step }: { readonly step: Step | undefined }) {
  const { book } = usePane();
  const beads = isBeaded(likeOf(book)) && (step?.asks === "beads" || step?.at !== undefined);
  return (
    <StepOnSash
      station="takeout"
      step={step}
      done={step?.asks === "bond" ? "through" : "done"}
      own={
        beads
          ? { drawing: <BeadsOnSash />, how: "tap a corner to say how it meets, a {bead} when it is off" }
          : undefined
      }
    />
  );
}
