import { PostReadOrder } from "../../../contract/order-file.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { readOrderFile } from "../../../server/read-order.ts";

export const POST = endpoint(PostReadOrder, readOrderFile);
export const ALL = notAllowed("POST");
