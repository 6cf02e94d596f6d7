import type { ComponentType } from "react";
import type { Entry } from "../../../core/log/kinds.ts";
import type { Place } from "../../../core/measure/places.ts";
import type { OpenOrder } from "../../../core/page/pane-page.ts";
import type { WaysOn } from "../PhoneWay.tsx";

export type StationProps = WaysOn & {
  readonly asked: Place | null;
  readonly ask: (place: Place) => void;
  readonly goTo: (place: Place) => void;
  readonly openOrders: readonly OpenOrder[];
  readonly strike: (target: Entry, reason: string) => void;
  readonly openTapeLine: () => void;
};

/** What one station shows. */
export type Screen = {
  /** The large part: the drawing or table that the station works on. */
  readonly stage: ComponentType<StationProps>;
  /** One question or step, and the others a line each. */
  readonly side: ComponentType<StationProps>;
  /** What the side is called on a phone, where it comes first and the stage behind its tabs; null where the work is on the drawing, and both are shown. */
  readonly sideName: string | null;
};
