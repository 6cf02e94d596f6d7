import { earlierMinutes } from "../../core/look/earlier.ts";
import { oldGlassBack } from "../../core/pane/old-glass.ts";
import { hasBeads, stepFacts } from "../../core/pane/step-facts.ts";
import type { Counted } from "../../core/takeout/counts.ts";
import { takeoutMethods } from "../../core/takeout/methods.ts";
import { Cautions } from "../parts/Cautions.tsx";
import { Closing } from "../parts/Closing.tsx";
import { CountField } from "../parts/CountField.tsx";
import { Fold } from "../parts/Fold.tsx";
import { HowItWas } from "../parts/HowItWas.tsx";
import { KitFold } from "../parts/KitFold.tsx";
import { Lessons } from "../parts/Lessons.tsx";
import { MethodCards } from "../parts/MethodCards.tsx";
import { Part } from "../parts/Part.tsx";
import { Photos } from "../parts/Photos.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Steps } from "../parts/Steps.tsx";
import { Ticks } from "../parts/Ticks.tsx";
import { BeadCorners } from "./BeadCorners.tsx";
import { Details, InFront } from "./Before.tsx";
import { Broken } from "./Broken.tsx";
import { CutLength } from "./CutLength.tsx";
import { Disposal } from "./Disposal.tsx";
import { Holder } from "./Holder.tsx";
import { ProfileLesson, ProfilePart } from "./ProfilePart.tsx";
import { Ways } from "./Ways.tsx";

const ticks = (step: Parameters<typeof Ticks>[0]["step"]) => <Ticks station="takeout" step={step} />;
const count = (what: Counted) => () => <CountField what={what} way="out" />;

/** The steps of taking out, with what they ask; the map of how it was, and what closes the hole. */
export function TakeOut() {
  const { book, reckoning: r } = usePane();
  return (
    <div className="space-y-5">
      <section aria-label="Take it out" className="space-y-3">
        <ProfileLesson />
        <Steps
          station="takeout"
          moreMinutes={earlierMinutes(book.before.earlier)}
          asks={{
            marks: () => <Marks />,
            sprigs: () => <Sprigs />,
            faces: ticks,
            bond: ticks,
            length: () => <CutLength />,
            held: ticks,
            holder: (step) => <Holder step={step.id} />,
            beads: () => (
              <>
                <BeadCorners />
                <Broken />
              </>
            ),
            plugs: count("plugs"),
            screws: count("screws"),
            nails: count("nails"),
            tags: () => (
              <a className="btn btn-small" href={`/panes/${book.id}/tags`}>
                Print its tags
              </a>
            ),
            packers: () => <HowItWas editable />,
            water: () => <HowItWas editable />,
          }}
        />
      </section>
      <Cautions station="takeout" />
      <Part title="This frame" more="the steps follow from it">
        <Details />
        <InFront />
        {hasBeads(book) && <ProfilePart />}
      </Part>
      <KitFold station="takeout" />
      <Ways />
      <MethodCards title="How it is done" more="blades, gloves, hands" methods={takeoutMethods(stepFacts(book, r))} />
      <Fold title="How it was" more="shown again when the new one is set">
        <HowItWas editable />
        <a className="text-[14px]" href={`/panes/${book.id}/tags`}>
          Tags for sash, beads and pane
        </a>
      </Fold>
      {!oldGlassBack(book) && <Disposal />}
      <Lessons station="takeout" />
      {!book.set && <Closing />}
      <Photos station="takeout" />
    </div>
  );
}

function Marks() {
  const { book, write } = usePane();
  const now = book.marks ?? { insideFace: "", topEdge: "" };
  const field = (name: "insideFace" | "topEdge", label: string, example: string) => (
    <label>
      <span className="text-[13px] text-mute">{label}</span>
      <input
        defaultValue={now[name]}
        key={now[name]}
        maxLength={200}
        placeholder={example}
        onBlur={(e) => {
          if (e.target.value !== now[name]) write("takeout.marks", { ...now, [name]: e.target.value });
        }}
      />
    </label>
  );
  return (
    <div className="grid grid-cols-2 gap-2">
      {field("insideFace", "Inside face marked with", "wax cross")}
      {field("topEdge", "Top edge marked with", "arrow")}
    </div>
  );
}

function Sprigs() {
  const { book, write, say } = usePane();
  return (
    <label className="block max-w-40">
      <span className="text-[13px] text-mute">{say("{Sprigs} found")}</span>
      <input
        type="number"
        min={0}
        max={500}
        className="tight"
        defaultValue={book.sprigsFound ?? ""}
        key={book.sprigsFound}
        onBlur={(e) => {
          const found = Math.round(e.target.valueAsNumber);
          if (Number.isFinite(found) && found >= 0 && found <= 500 && found !== book.sprigsFound)
            write("takeout.sprigs", { found });
        }}
      />
    </label>
  );
}
