import { CalcFit } from "../../../contract/calc-fit.ts";
import { calcFit } from "../../../server/calc/fit.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcFit, calcFit);
export const ALL = notAllowed("POST");
