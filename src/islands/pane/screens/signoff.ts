import { SignOff } from "../../signoff/SignOff.tsx";
import { SignOffStage } from "../../signoff/SignOffStage.tsx";
import type { Screen } from "./screen.ts";

export const screen: Screen = { stage: SignOffStage, side: SignOff, sideName: null };
