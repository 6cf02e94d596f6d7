import { PostKey } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { makeKey } from "../../../server/people/office.ts";

export const POST = peopleEndpoint(PostKey, makeKey);
export const ALL = notAllowed("POST");
