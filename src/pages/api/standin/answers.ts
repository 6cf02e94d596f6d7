import { PostStandinAnswer } from "../../../contract/standin.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { takeAnswer } from "../../../server/standin-supplier.ts";

export const POST = endpoint(PostStandinAnswer, takeAnswer);
export const ALL = notAllowed("POST");
