import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/look.ts";

export default guarded(openedAt({ view: "look", screen }), "This pane");
