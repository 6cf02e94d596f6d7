import { Finish } from "../../finish/Finish.tsx";
import { FinishStage } from "../../finish/FinishStage.tsx";
import type { Screen } from "./screen.ts";

export const screen: Screen = { stage: FinishStage, side: Finish, sideName: "Steps" };
