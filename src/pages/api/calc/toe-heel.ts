import { CalcToeHeel } from "../../../contract/calc-toe-heel.ts";
import { calcToeHeel } from "../../../server/calc/packing.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcToeHeel, calcToeHeel);
export const ALL = notAllowed("POST");
