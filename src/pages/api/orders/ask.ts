import { PostAsk } from "../../../contract/orders.ts";
import { askOrder } from "../../../server/hand-order.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";

export const POST = endpoint(PostAsk, (asked) => askOrder(asked));
export const ALL = notAllowed("POST");
