import { CalcOdds } from "../../../contract/calc-odds.ts";
import { calcOdds } from "../../../server/calc/odds.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { offThread } from "../../../server/http/off-thread.ts";

export const POST = offThread("api/calc/odds", endpoint(CalcOdds, calcOdds));
export const ALL = notAllowed("POST");
