import { PostAnswer } from "../../../contract/orders.ts";
import { answerOrder } from "../../../server/hand-order.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(PostAnswer, (asked) => answerOrder(asked));
export const ALL = notAllowed("POST");
