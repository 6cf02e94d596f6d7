import { GetHealth } from "../../contract/routes.ts";
import { endpoint, notAllowed } from "../../server/http/endpoint.ts";
import { health } from "../../server/read-entries.ts";

export const GET = endpoint(GetHealth, health);
export const ALL = notAllowed("GET");
