import { GetEntries, PostEntries } from "../../contract/entries.ts";
import { appendEntries } from "../../server/append-entries.ts";
import { endpoint, notAllowed } from "../../server/http/endpoint.ts";
import { readEntries } from "../../server/read-entries.ts";

export const GET = endpoint(GetEntries, readEntries);
export const POST = endpoint(PostEntries, (batch) => appendEntries(batch));
export const ALL = notAllowed("GET", "POST");
