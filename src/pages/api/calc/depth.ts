import { CalcDepth } from "../../../contract/calc-depth.ts";
import { calcDepth } from "../../../server/calc/depth.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcDepth, calcDepth);
export const ALL = notAllowed("POST");
