import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/set.ts";

export default guarded(openedAt({ view: "set", screen }), "This pane");
