import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/specify.ts";

export default guarded(openedAt({ view: "specify", screen }), "This pane");
