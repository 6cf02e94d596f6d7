import { PostAccept } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { accept } from "../../../server/people/coming-in.ts";

export const POST = peopleEndpoint(PostAccept, accept);
export const ALL = notAllowed("POST");
