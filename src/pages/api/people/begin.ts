import { PostBegin } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { begin } from "../../../server/people/coming-in.ts";

export const POST = peopleEndpoint(PostBegin, begin);
export const ALL = notAllowed("POST");
