import type { Entry } from "../../core/log/kinds.ts";
import type { Place } from "../../core/measure/places.ts";
import { Finish } from "../finish/Finish.tsx";
import { Look } from "../look/Look.tsx";
import { Measure } from "../measure/Measure.tsx";
import { ReadingPad } from "../measure/ReadingPad.tsx";
import { type OpenOrder, OrderStation } from "../order/OrderStation.tsx";
import { usePane } from "../parts/pane-context.ts";
import { Ready } from "../ready/Ready.tsx";
import { SetStation } from "../set/SetStation.tsx";
import { SignOff } from "../signoff/SignOff.tsx";
import { Specify } from "../specify/Specify.tsx";
import { TakeOut } from "../takeout/TakeOut.tsx";
import { Elevation } from "./Elevation.tsx";
import { Logbook } from "./Logbook.tsx";
import type { View } from "./model.ts";
import { Notes } from "./Notes.tsx";
import { PhoneDrawings } from "./PhoneDrawings.tsx";

export type { OpenOrder };

type Props = {
  readonly view: View;
  readonly asked: Place | null;
  readonly ask: (place: Place) => void;
  readonly openOrders: readonly OpenOrder[];
  readonly strike: (target: Entry, reason: string) => void;
  readonly openTapeLine: () => void;
};

/** The station that is open. On a phone, measuring is one reading a screen. */
export function StationView(props: Props) {
  const { view, asked, ask } = props;
  if (view === "measure")
    return (
      <>
        <div className="desk:hidden print:hidden">
          <ReadingPad place={asked} ask={ask} drawing={(place) => <Elevation bare asked={place} />} />
        </div>
        <div className="p-4 desk:px-5">
          <Measure asked={asked} ask={ask} openTapeLine={props.openTapeLine} />
          <PhoneDrawings />
          <Notes station="measure" />
        </div>
      </>
    );
  return (
    <div className="p-4 desk:px-5">
      <Station {...props} />
      <PhoneDrawings />
      {view !== "logbook" && <Notes station={view} />}
    </div>
  );
}

function Station({ view, openOrders, strike }: Props) {
  switch (view) {
    case "look":
      return <Look />;
    case "takeout":
      return <TakeOut />;
    case "measure":
      return null;
    case "specify":
      return <Specify />;
    case "order":
      return <OrderStation openOrders={openOrders} />;
    case "ready":
      return <Ready />;
    case "set":
      return <SetStation />;
    case "finish":
      return <Finish />;
    case "signoff":
      return <SignOff />;
    case "logbook":
      return <PaneLogbook strike={strike} />;
  }
}

function PaneLogbook({ strike }: Pick<Props, "strike">) {
  const { book, prefs } = usePane();
  return <Logbook pane={book.id} log={book.log} prefs={prefs} strike={strike} />;
}
