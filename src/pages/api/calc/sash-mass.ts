import { CalcSashMass } from "../../../contract/calc-sash-mass.ts";
import { calcSashMass } from "../../../server/calc/cut-and-plan.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcSashMass, calcSashMass);
export const ALL = notAllowed("POST");
