import { notAllowed } from "../../../../server/http/endpoint.ts";
import { roundRowsAnswer } from "../../../../server/http/round-rows-answer.ts";

export const GET = roundRowsAnswer;
export const ALL = notAllowed("GET");
