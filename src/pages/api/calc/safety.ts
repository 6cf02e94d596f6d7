import { CalcSafety } from "../../../contract/calc-safety.ts";
import { calcSafety } from "../../../server/calc/specify.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcSafety, calcSafety);
export const ALL = notAllowed("POST");
