import { PostChange } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { change } from "../../../server/people/office.ts";

export const POST = peopleEndpoint(PostChange, change);
export const ALL = notAllowed("POST");
