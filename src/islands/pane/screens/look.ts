import { Look } from "../../look/Look.tsx";
import { LookStage } from "../../look/LookStage.tsx";
import type { Screen } from "./screen.ts";

export const screen: Screen = { stage: LookStage, side: Look, sideName: "What is wrong" };
