import { CalcFixings } from "../../../contract/calc-fixings.ts";
import { calcFixings } from "../../../server/calc/setting.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcFixings, calcFixings);
export const ALL = notAllowed("POST");
