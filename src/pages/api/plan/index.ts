import { GetPlan } from "../../../contract/plan.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { getPlan } from "../../../server/plan-page.ts";

export const GET = endpoint(GetPlan, getPlan);
export const ALL = notAllowed("GET");
