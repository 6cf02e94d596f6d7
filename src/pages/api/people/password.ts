import { PostPassword } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { changePassword } from "../../../server/people/own.ts";

export const POST = peopleEndpoint(PostPassword, changePassword);
export const ALL = notAllowed("POST");
