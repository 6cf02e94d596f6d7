import { GetRound } from "../../../contract/panes.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { roundWhole } from "../../../server/pane-whole.ts";

export const GET = endpoint(GetRound, roundWhole);
export const ALL = notAllowed("GET");
