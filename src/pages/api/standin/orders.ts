import { GetStandinOrder, PostStandinOrder } from "../../../contract/standin.ts";
import { endpoint, notAllowed } from "../../../server/http/endpoint.ts";
import { takeOrder, tellState } from "../../../server/standin-supplier.ts";

export const POST = endpoint(PostStandinOrder, takeOrder);
export const GET = endpoint(GetStandinOrder, tellState);
export const ALL = notAllowed("GET", "POST");
