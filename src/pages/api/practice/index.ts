import { PostPractice } from "../../../contract/practice.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { practise } from "../../../server/practice/practise.ts";

export const POST = endpoint(PostPractice, practise);
export const ALL = notAllowed("POST");
