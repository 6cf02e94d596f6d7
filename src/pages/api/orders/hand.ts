import { PostHand } from "../../../contract/orders.ts";
import { handOrder } from "../../../server/hand-order.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(PostHand, (asked) => handOrder(asked));
export const ALL = notAllowed("POST");
