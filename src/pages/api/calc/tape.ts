import { CalcTape } from "../../../contract/calc-tape.ts";
import { calcTape } from "../../../server/calc/tape.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcTape, calcTape);
export const ALL = notAllowed("POST");
