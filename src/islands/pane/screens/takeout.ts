import { TakeOut } from "../../takeout/TakeOut.tsx";
import { TakeOutStage } from "../../takeout/TakeOutStage.tsx";
import type { Screen } from "./screen.ts";

export const screen: Screen = { stage: TakeOutStage, side: TakeOut, sideName: null };
