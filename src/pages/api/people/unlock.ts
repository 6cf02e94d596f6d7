import { PostUnlock } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { unlock } from "../../../server/people/own.ts";

export const POST = peopleEndpoint(PostUnlock, unlock);
export const ALL = notAllowed("POST");
