import { SetStage } from "../../set/SetStage.tsx";
import { SetStation } from "../../set/SetStation.tsx";
import type { Screen } from "./screen.ts";

export const screen: Screen = { stage: SetStage, side: SetStation, sideName: null };
