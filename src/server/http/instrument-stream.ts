import type { APIRoute } from "astro";
import { v7 as uuidv7 } from "uuid";
import { z } from "zod";
import { listen } from "../instrument-hub.ts";

/** A page names itself; one that does not is given a name nobody can pair. */
const Page = z.uuid().catch(() => uuidv7());

const KEEP_OPEN_MS = 20_000;

/** Readings as they come, as a stream of events, until the page goes. */
export const instrumentStream: APIRoute = ({ request, url }) => {
  const page = Page.parse(url.searchParams.get("page"));
  const encoder = new TextEncoder();
  let end = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(stream) {
      const say = (text: string) => stream.enqueue(encoder.encode(text));
      say(": listening\n\n");
      const silence = listen(page, (news) => say(`data: ${JSON.stringify(news)}\n\n`));
      const beat = setInterval(() => say(": still here\n\n"), KEEP_OPEN_MS);
      end = () => {
        clearInterval(beat);
        silence();
      };
      request.signal.addEventListener("abort", () => end(), { once: true });
    },
    cancel: () => end(),
  });
  // no-transform: a stream that waits to be compressed is no stream.
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store, no-transform" },
  });
};
