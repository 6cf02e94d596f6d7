import { PostPasskeyAsk } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { askPasskey } from "../../../server/people/passkey.ts";

export const POST = peopleEndpoint(PostPasskeyAsk, (_, at, __, now) => askPasskey(at, now));
export const ALL = notAllowed("POST");
