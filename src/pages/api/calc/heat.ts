import { CalcHeat } from "../../../contract/calc-heat.ts";
import { calcHeat } from "../../../server/calc/specify.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcHeat, calcHeat);
export const ALL = notAllowed("POST");
