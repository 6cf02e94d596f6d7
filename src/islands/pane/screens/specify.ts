import { Specify } from "../../specify/Specify.tsx";
import { SpecifyStage } from "../../specify/SpecifyStage.tsx";
import type { Screen } from "./screen.ts";

export const screen: Screen = { stage: SpecifyStage, side: Specify, sideName: "Choose" };
