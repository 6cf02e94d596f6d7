import { GetCustomer } from "../../contract/customers.ts";
import { customerFile } from "../../server/customer-file.ts";
import { endpoint, notAllowed } from "../../server/http/endpoint.ts";

export const GET = endpoint(GetCustomer, customerFile);
export const ALL = notAllowed("GET");
