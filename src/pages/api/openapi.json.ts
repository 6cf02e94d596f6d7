import type { APIRoute } from "astro";
import { answer } from "../../server/http/answer.ts";
import { openApi } from "../../server/openapi.ts";

export const GET: APIRoute = () => answer(openApi());
