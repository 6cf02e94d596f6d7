import { CalcBalance } from "../../../contract/calc-balance.ts";
import { calcBalance } from "../../../server/calc/specify.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcBalance, calcBalance);
export const ALL = notAllowed("POST");
