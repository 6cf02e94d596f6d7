import { PostEndKey } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { endKey } from "../../../server/people/office.ts";

export const POST = peopleEndpoint(PostEndKey, endKey);
export const ALL = notAllowed("POST");
