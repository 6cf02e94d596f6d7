import { CalcPane } from "../../../contract/panes.ts";
import { calcPane } from "../../../server/calc/pane.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { offThread } from "../../../server/http/off-thread.ts";

export const POST = offThread("api/calc/pane", endpoint(CalcPane, calcPane));
export const ALL = notAllowed("POST");
