import { PostEndSession } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { endSession } from "../../../server/people/office.ts";

export const POST = peopleEndpoint(PostEndSession, endSession);
export const ALL = notAllowed("POST");
