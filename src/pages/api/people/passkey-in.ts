import { PostPasskeyIn } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { signInByPasskey } from "../../../server/people/passkey.ts";

export const POST = peopleEndpoint(PostPasskeyIn, signInByPasskey);
export const ALL = notAllowed("POST");
