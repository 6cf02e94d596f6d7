import type { APIRoute } from "astro";
import { listen } from "../instrument-hub.ts";

const KEEP_OPEN_MS = 20_000;

/** Readings as they come, as a stream of events, until the page goes. */
export const instrumentStream: APIRoute = ({ request }) => {
  const encoder = new TextEncoder();
  let end = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(stream) {
      const say = (text: string) => stream.enqueue(encoder.encode(text));
      const silence = listen((reading) => say(`data: ${JSON.stringify(reading)}\n\n`));
      const beat = setInterval(() => say(": still here\n\n"), KEEP_OPEN_MS);
      end = () => {
        clearInterval(beat);
        silence();
      };
      say(": listening\n\n");
      request.signal.addEventListener("abort", () => end(), { once: true });
    },
    cancel: () => end(),
  });
  // no-transform: a stream that waits to be compressed is no stream.
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store, no-transform" },
  });
};
