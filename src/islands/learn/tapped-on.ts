import type { Quad } from "../../core/geometry/quad.ts";
import type { Picture } from "../../core/practice/exercise.ts";

/** One kind of picture. */
export type Of<K extends Picture["kind"]> = Extract<Picture, { kind: K }>;

/** How a picture is tapped on. */
export type TappedOn = {
  /** Places in what is offered that were tapped, in order; and tapping one. */
  readonly picks: readonly number[];
  readonly pick: (at: number) => void;
  /** Answered: nothing more is tapped. */
  readonly over: boolean;
  /** The pane that was ordered, as it lies there. */
  readonly laid?: Quad | undefined;
};
