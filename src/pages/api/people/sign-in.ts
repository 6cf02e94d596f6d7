import { PostSignIn } from "../../../contract/people.ts";
import { notAllowed } from "../../../server/http/endpoint.ts";
import { peopleEndpoint } from "../../../server/http/people-endpoint.ts";
import { signIn } from "../../../server/people/coming-in.ts";

export const POST = peopleEndpoint(PostSignIn, signIn);
export const ALL = notAllowed("POST");
