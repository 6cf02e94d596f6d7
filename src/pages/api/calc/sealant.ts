import { CalcSealant } from "../../../contract/calc-sealant.ts";
import { calcSealant } from "../../../server/calc/setting.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcSealant, calcSealant);
export const ALL = notAllowed("POST");
