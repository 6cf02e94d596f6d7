import { CalcSize } from "../../../contract/calc-size.ts";
import { calcSize } from "../../../server/calc/size.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcSize, calcSize);
export const ALL = notAllowed("POST");
