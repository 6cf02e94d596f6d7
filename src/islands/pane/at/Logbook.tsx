import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/logbook.tsx";

export default guarded(openedAt({ view: "logbook", screen }), "This pane");
