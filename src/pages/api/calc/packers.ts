import { CalcPackers } from "../../../contract/calc-packers.ts";
import { calcPackers } from "../../../server/calc/packing.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcPackers, calcPackers);
export const ALL = notAllowed("POST");
