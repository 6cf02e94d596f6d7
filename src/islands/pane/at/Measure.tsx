import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/measure.tsx";

export default guarded(openedAt({ view: "measure", screen }), "This pane");
