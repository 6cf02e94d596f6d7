import { PostPasskeyAdd } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { addOwnPasskey } from "../../../server/people/passkey.ts";

export const POST = peopleEndpoint(PostPasskeyAdd, addOwnPasskey);
export const ALL = notAllowed("POST");
