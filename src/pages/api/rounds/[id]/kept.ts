import { GetKept } from "../../../../contract/kept.ts";
import { endpoint, notAllowed } from "../../../../server/http/endpoint.ts";
import { keptOfRound } from "../../../../server/kept.ts";

export const GET = endpoint(GetKept, keptOfRound);
export const ALL = notAllowed("GET");
