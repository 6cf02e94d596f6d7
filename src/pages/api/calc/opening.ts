import { CalcOpening } from "../../../contract/calc-opening.ts";
import { calcOpening } from "../../../server/calc/opening.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcOpening, calcOpening);
export const ALL = notAllowed("POST");
