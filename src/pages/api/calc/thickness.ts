import { CalcThickness } from "../../../contract/calc-thickness.ts";
import { calcThickness } from "../../../server/calc/thickness.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcThickness, calcThickness);
export const ALL = notAllowed("POST");
