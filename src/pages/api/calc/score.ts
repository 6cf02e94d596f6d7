import { CalcScore } from "../../../contract/calc-score.ts";
import { calcScore } from "../../../server/calc/cut-and-plan.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcScore, calcScore);
export const ALL = notAllowed("POST");
