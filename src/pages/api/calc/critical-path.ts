import { CalcCriticalPath } from "../../../contract/calc-critical-path.ts";
import { calcCriticalPath } from "../../../server/calc/cut-and-plan.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcCriticalPath, calcCriticalPath);
export const ALL = notAllowed("POST");
