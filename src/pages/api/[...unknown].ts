import type { APIRoute } from "astro";
import { noSuchPath } from "../../server/http/answer.ts";

export const ALL: APIRoute = ({ url }) => noSuchPath(url.pathname);
