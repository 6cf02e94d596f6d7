import { PostPin } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { setPin } from "../../../server/people/own.ts";

export const POST = peopleEndpoint(PostPin, setPin);
export const ALL = notAllowed("POST");
