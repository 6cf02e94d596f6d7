import { PostReadStock } from "../../../contract/stock-file.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { readStock } from "../../../server/stock-file.ts";

export const POST = endpoint(PostReadStock, readStock);
export const ALL = notAllowed("POST");
