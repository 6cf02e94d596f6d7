import { GetPane } from "../../../contract/panes.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { paneWhole } from "../../../server/pane-whole.ts";

export const GET = endpoint(GetPane, paneWhole);
export const ALL = notAllowed("GET");
