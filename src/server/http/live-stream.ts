import type { APIRoute } from "astro";
import { listenLive } from "../live.ts";
import { problem } from "./answer.ts";

const KEEP_OPEN_MS = 20_000;

/** Where the log stands, each time that something was stored, as a stream of events, until the page goes. */
export const liveStream: APIRoute = ({ request }) => {
  const encoder = new TextEncoder();
  let end = () => {};
  let isFull = false;
  const body = new ReadableStream<Uint8Array>({
    start(stream) {
      const say = (text: string) => stream.enqueue(encoder.encode(text));
      const silence = listenLive((through) => say(`data: ${through}\n\n`));
      if (!silence) {
        isFull = true;
        return;
      }
      say(": listening\n\n");
      const beat = setInterval(() => say(": still here\n\n"), KEEP_OPEN_MS);
      end = () => {
        clearInterval(beat);
        silence();
      };
      request.signal.addEventListener("abort", () => end(), { once: true });
    },
    cancel: () => end(),
  });
  if (isFull)
    return problem(503, { code: "too-many", message: "Too many pages listen. This one asks again by itself." });
  // no-transform: a stream that waits to be compressed is no stream.
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store, no-transform" },
  });
};
