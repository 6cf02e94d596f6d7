import { guarded } from "../../ui/Guarded.tsx";
import { openedAt } from "../PanePage.tsx";
import { screen } from "../screens/order.ts";

export default guarded(openedAt({ view: "order", screen }), "This pane");
