import { CalcSticks } from "../../../contract/calc-sticks.ts";
import { calcSticks } from "../../../server/calc/setting.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcSticks, calcSticks);
export const ALL = notAllowed("POST");
