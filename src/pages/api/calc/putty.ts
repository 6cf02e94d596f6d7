import { CalcPutty } from "../../../contract/calc-putty.ts";
import { calcPutty } from "../../../server/calc/putty.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcPutty, calcPutty);
export const ALL = notAllowed("POST");
