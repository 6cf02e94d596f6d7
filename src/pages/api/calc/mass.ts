import { CalcMass } from "../../../contract/calc-mass.ts";
import { calcMass } from "../../../server/calc/specify.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcMass, calcMass);
export const ALL = notAllowed("POST");
