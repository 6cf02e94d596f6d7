import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/signoff.ts";

export default guarded(openedAt({ view: "signoff", screen }), "This pane");
