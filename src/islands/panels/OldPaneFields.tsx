import { TwoReadings } from "./TwoReadings.tsx";

/** Width and height of glass that goes back, measured edge to edge where it lies or stands. */
export const OldPaneFields = () => <TwoReadings places={["old-width", "old-height"]} />;
