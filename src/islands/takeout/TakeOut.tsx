import { clipped } from "../../core/frame/held.ts";
import { earlierMinutes } from "../../core/look/earlier.ts";
import { likeOf } from "../../core/pane/frame-here.ts";
import type { Step } from "../../core/steps/step.ts";
import type { Counted } from "../../core/takeout/counts.ts";
import { Closing } from "../panels/Closing.tsx";
import { CountField } from "../panels/CountField.tsx";
import { usePane } from "../panels/pane-context.ts";
import { isOnSash } from "../stage/TicksOnSash.tsx";
import { Cautions } from "../steps/Cautions.tsx";
import { Covered } from "../steps/Covered.tsx";
import { Steps } from "../steps/Steps.tsx";
import { Ticks } from "../steps/Ticks.tsx";
import { BeadSay, OffWhole } from "./BeadSay.tsx";
import { CutLength } from "./CutLength.tsx";
import { closesBeside } from "./closes-beside.ts";
import { FirstMeeting } from "./FirstMeeting.tsx";
import { Holder } from "./Holder.tsx";
import { OutAlready } from "./OutAlready.tsx";
import { ProfileLesson } from "./ProfilePart.tsx";

/** What has a place on the sash is ticked there. */
const ticks = (step: Step) => (isOnSash(step) ? null : <Ticks station="takeout" step={step} />);
const count = (what: Counted) => () => <CountField what={what} way="out" />;
const ON_THE_MAP = () => (
  <p className="text-[14px] text-mute">Pick what it is beside the map, then tap the edge where it stood.</p>
);

/** The steps of taking out, one at a time. */
export function TakeOut() {
  const { book, next } = usePane();
  return (
    <section aria-label="Take it out" className="space-y-3">
      {closesBeside(next) && <Closing />}
      <Covered />
      <OutAlready />
      <FirstMeeting />
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
          beads: () => <BeadSay />,
          plugs: count("plugs"),
          screws: count("screws"),
          nails: count("nails"),
          tags: () => (
            <a className="btn btn-small" href={`/panes/${book.id}/tags`}>
              Print its tags
            </a>
          ),
          packers: ON_THE_MAP,
          water: ON_THE_MAP,
        }}
        also={(step) => step.at && <OffWhole side={step.at} />}
      />
      <Cautions station="takeout" />
    </section>
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
      <span className="text-[13px] text-mute">
        {clipped(likeOf(book)) ? "Clips or pegs found" : say("{Sprigs} found")}
      </span>
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
