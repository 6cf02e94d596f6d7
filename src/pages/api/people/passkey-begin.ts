import { PostPasskeyBegin } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { beginPasskey } from "../../../server/people/passkey.ts";

export const POST = peopleEndpoint(PostPasskeyBegin, (db, at, _, now) => beginPasskey(db, at, now));
export const ALL = notAllowed("POST");
