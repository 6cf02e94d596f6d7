import { CalcPlate } from "../../../contract/calc-plate.ts";
import { calcPlate } from "../../../server/calc/specify.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcPlate, calcPlate);
export const ALL = notAllowed("POST");
