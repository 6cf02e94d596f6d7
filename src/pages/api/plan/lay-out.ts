import { PostLayOut } from "../../../contract/plan.ts";
import { layOutWeek } from "../../../server/calc/lay-out.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { offThread } from "../../../server/http/off-thread.ts";

export const POST = offThread("api/plan/lay-out", endpoint(PostLayOut, layOutWeek));
export const ALL = notAllowed("POST");
