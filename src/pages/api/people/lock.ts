import { PostLock } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { signOut } from "../../../server/people/own.ts";

export const POST = peopleEndpoint(PostLock, (db, at, _, now) => signOut(db, at, now));
export const ALL = notAllowed("POST");
