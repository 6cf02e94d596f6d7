import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/finish.ts";

export default guarded(openedAt({ view: "finish", screen }), "This pane");
