import { CalcOdds } from "../../../contract/calc-odds.ts";
import { calcOdds } from "../../../server/calc/odds.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcOdds, calcOdds);
export const ALL = notAllowed("POST");
