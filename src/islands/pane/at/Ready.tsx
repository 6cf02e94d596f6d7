import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/ready.ts";

export default guarded(openedAt({ view: "ready", screen }), "This pane");
