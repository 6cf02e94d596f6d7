import { defineMiddleware } from "astro:middleware";
import { wholeAnswer } from "./server/http/whole-answer.ts";

/** Every page and answer is made whole before any of it is sent: what breaks on the way becomes a page that says so. */
export const onRequest = defineMiddleware(async ({ request }, next) => wholeAnswer(request, await next()));
