import { PostPair } from "../../../contract/instruments.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { pair } from "../../../server/instrument-hub.ts";

export const POST = endpoint(PostPair, ({ page, instrument }) => pair(page, instrument));
export const ALL = notAllowed("POST");
