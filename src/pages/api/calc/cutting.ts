import { CalcCutting } from "../../../contract/calc-cutting.ts";
import { calcCutting } from "../../../server/calc/cutting.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { offThread } from "../../../server/http/off-thread.ts";

export const POST = offThread("api/calc/cutting", endpoint(CalcCutting, calcCutting));
export const ALL = notAllowed("POST");
