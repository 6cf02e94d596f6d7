import { PostTablet } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { makeTablet } from "../../../server/people/own.ts";

export const POST = peopleEndpoint(PostTablet, makeTablet);
export const ALL = notAllowed("POST");
