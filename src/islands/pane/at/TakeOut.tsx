import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/takeout.ts";

export default guarded(openedAt({ view: "takeout", screen }), "This pane");
