import { CalcStack } from "../../../contract/calc-stack.ts";
import { calcStack } from "../../../server/calc/specify.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(CalcStack, calcStack);
export const ALL = notAllowed("POST");
