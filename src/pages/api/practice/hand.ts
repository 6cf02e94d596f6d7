import { PostPracticeHand } from "../../../contract/practice-hand.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { triedByHand } from "../../../server/practice/by-hand.ts";

export const POST = endpoint(PostPracticeHand, triedByHand);
export const ALL = notAllowed("POST");
