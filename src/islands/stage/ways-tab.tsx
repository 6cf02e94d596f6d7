import type { ReactNode } from "react";
import type { Station } from "../../core/plan/stations.ts";
import { Lessons } from "../panels/Lessons.tsx";
import type { Tab } from "./Stage.tsx";

/** The small skills that a station asks for, and what was learnt on panes like this. */
export const waysTab = (station: Station, ways: ReactNode): Tab => ({
  id: "ways",
  name: "How it is done",
  content: (
    <div className="max-w-2xl space-y-4">
      {ways}
      <Lessons station={station} />
    </div>
  ),
});
