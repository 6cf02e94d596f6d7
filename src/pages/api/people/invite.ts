import { PostInvite } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { invite } from "../../../server/people/office.ts";

export const POST = peopleEndpoint(PostInvite, invite);
export const ALL = notAllowed("POST");
