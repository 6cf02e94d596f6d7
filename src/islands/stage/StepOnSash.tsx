import type { ReactNode } from "react";
import type { PaneBook } from "../../core/pane/book.ts";
import { isUnit, wasUnit } from "../../core/pane/unit.ts";
import { wholeOf } from "../../core/pane/whole-here.ts";
import type { Station } from "../../core/plan/stations.ts";
import type { Step } from "../../core/steps/step.ts";
import type { Template } from "../../core/text/template.ts";
import { mapPlace } from "../../drawing/how-it-was.ts";
import { usePane } from "../panels/pane-context.ts";
import { Board, glassIn } from "./Board.tsx";
import { SideSection } from "./SideSection.tsx";
import { isOnSash, TicksOnSash } from "./TicksOnSash.tsx";

type Props = {
  readonly station: Station;
  readonly step: Step | undefined;
  /** What a part of the sash is once it is done: through, clean, done. */
  readonly done: string;
  /** The station's own drawing of this step, and how it is worked on. */
  readonly own?: { readonly drawing: ReactNode; readonly how: Template; readonly title?: Template } | undefined;
};

/** The sash with what the step is about on it, and the section of this frame beside it. */
export function StepOnSash({ station, step, done, own }: Props) {
  const { book, say } = usePane();
  const whole = wholeOf(book);
  // How a new sash or window holds its glass its maker knows: the section of the old one says nothing of it.
  const isOfTheMaker = (whole === "sash" || whole === "window") && !(station === "look" || station === "takeout");
  const ticked = !own && step && isOnSash(step);
  return (
    <div className="grid h-full gap-4 desk:grid-cols-[minmax(0,1fr)_clamp(13rem,19vw,22rem)] desk:items-center">
      <figure className="flex h-full min-h-0 flex-col">
        <figcaption className="pb-1 max-sm:text-[14px]">
          <strong className="font-semibold">{say(own?.title ?? `From ${book.added.side}`)}</strong>{" "}
          <span className="text-mute">{own ? say(own.how) : ticked ? `tap each part when it is ${done}` : ""}</span>
        </figcaption>
        {own ? (
          own.drawing
        ) : ticked ? (
          <TicksOnSash station={station} step={step} done={done} />
        ) : (
          <AsItStands station={station} />
        )}
      </figure>
      {!isOfTheMaker && (
        <div className="max-desk:hidden">
          <SideSection title="Through one side" held={IS_UNIT[station](book) ? "unit" : "glass"} />
        </div>
      )}
    </div>
  );
}

/** Whether a unit is in the frame: until the glass is out, what was there; from then on, what goes in. */
const IS_UNIT: Readonly<Record<Station, (book: PaneBook) => boolean>> = {
  look: wasUnit,
  takeout: wasUnit,
  measure: isUnit,
  specify: isUnit,
  order: isUnit,
  ready: isUnit,
  set: isUnit,
  finish: isUnit,
  signoff: isUnit,
};

/** The sash with what is on the map of how it was. */
export function AsItStands({ station }: Pick<Props, "station">) {
  const { book, say } = usePane();
  return (
    <Board
      glass={glassIn(station, book)}
      says={say(`The sash from ${book.added.side}`)}
      over={(b) =>
        book.before.map.map((i) => (
          <path key={i.item} d={mapPlace(i, b.sight).block} className={i.thing === "packer" ? "d-packer" : "d-ease"} />
        ))
      }
    />
  );
}
