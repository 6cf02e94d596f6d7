import { notAllowed } from "../../server/http/endpoint.ts";
import { liveStream } from "../../server/http/live-stream.ts";

export const GET = liveStream;
export const ALL = notAllowed("GET");
