import { Ready } from "../../ready/Ready.tsx";
import { ReadyStage } from "../../ready/ReadyStage.tsx";
import type { Screen } from "./screen.ts";

export const screen: Screen = { stage: ReadyStage, side: Ready, sideName: null };
