import { OrderStage } from "../../order/OrderStage.tsx";
import { OrderStation } from "../../order/OrderStation.tsx";
import type { Screen } from "./screen.ts";

export const screen: Screen = { stage: OrderStage, side: OrderStation, sideName: "The order" };
