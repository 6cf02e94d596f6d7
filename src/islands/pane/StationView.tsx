import { memo, useEffect, useRef } from "react";
import { frameOf } from "../../core/frame/systems.ts";
import { usePane } from "../panels/pane-context.ts";
import { StageContext, useNewStage } from "../stage/stage-context.ts";
import { Notes } from "./Notes.tsx";
import { PhoneWay } from "./PhoneWay.tsx";
import { PrintHead } from "./PrintHead.tsx";
import { SettleHere } from "./SettleHere.tsx";
import { type Shown, useScreen } from "./screens/load.ts";
import type { Screen, StationProps } from "./screens/screen.ts";

const STATION = "station";

/** The station that is open: its stage, and beside it the one thing to do. A station that is opened starts at its top. */
function OneStation({ screen, ...props }: StationProps & { readonly screen: Screen }) {
  const { book } = usePane();

  const { view } = props;
  const { stage: Stage, side: Side, sideName } = screen;
  const stage = useNewStage(sideName);
  return (
    <StageContext value={stage}>
      <main
        id="main"
        data-worked={frameOf(book.added.system).worked}
        className="relative min-h-0 flex-1 overflow-y-auto desk:overflow-hidden print:overflow-visible"
      >
        <PrintHead />
        <section
          id={STATION}
          aria-label="Station"
          tabIndex={-1}
          className="flex outline-none min-h-full flex-col desk:grid desk:h-full desk:grid-cols-[minmax(0,1fr)_30rem]"
        >
          <section aria-label="Stage" className="stage flex min-h-0 flex-col bg-sheet desk:overflow-hidden print:flex">
            <Stage {...props} />
          </section>
          <section
            id="stage-side"
            aria-label="Side"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, so the keyboard must reach it
            tabIndex={0}
            className={`relative flex-1 desk:min-h-0 desk:overflow-y-auto desk:border-l desk:border-line ${stage.sideAway ? "max-desk:hidden" : ""}`}
          >
            <div className="p-4 desk:px-5">
              <SettleHere {...props} />
              <Side {...props} />
              {view !== "logbook" && <Notes station={view} />}
            </div>
          </section>
          <div className="desk:hidden">
            <PhoneWay {...props} />
          </div>
        </section>
      </main>
    </StageContext>
  );
}

type ViewProps = StationProps & { readonly first: Shown };

export const StationView = memo(({ first, ...props }: ViewProps) => {
  const { view, screen } = useScreen(props.view, first);
  // The focus goes along to the station that was opened: its own keys are heard, and Tab leads into it.
  const was = useRef(view);
  useEffect(() => {
    if (was.current === view) return;
    was.current = view;
    document.getElementById(STATION)?.focus({ preventScroll: true });
  }, [view]);
  return <OneStation key={view} {...props} view={view} screen={screen} />;
});
