import { PostInstrument } from "../../../contract/instruments.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { passOn } from "../../../server/instrument-hub.ts";

export const POST = endpoint(PostInstrument, passOn);
export const ALL = notAllowed("POST");
