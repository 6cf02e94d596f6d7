import { GetHealth } from "../../contract/routes.ts";
import { health } from "../../server/health.ts";
import { endpoint, notAllowed } from "../../server/http/endpoint.ts";

export const GET = endpoint(GetHealth, health);
export const ALL = notAllowed("GET");
