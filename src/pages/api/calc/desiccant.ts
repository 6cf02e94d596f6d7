import { CalcDesiccant } from "../../../contract/calc-desiccant.ts";
import { calcDesiccant } from "../../../server/calc/setting.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcDesiccant, calcDesiccant);
export const ALL = notAllowed("POST");
