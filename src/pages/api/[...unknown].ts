import type { APIRoute } from "astro";
import { problem } from "../../server/http/answer.ts";

export const ALL: APIRoute = ({ url }) =>
  problem(404, { code: "no-such-path", message: `There is nothing at ${url.pathname}. See /api for what there is.` });
