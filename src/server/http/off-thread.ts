import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { isMainThread, Worker } from "node:worker_threads";
import type { APIRoute } from "astro";
import { log } from "../log.ts";
import { problem } from "./answer.ts";
import { MOST_BYTES, readBytes } from "./read-body.ts";

type Answered =
  | {
      readonly id: number;
      readonly status: number;
      readonly headers: [string, string][];
      readonly body: Uint8Array<ArrayBuffer>;
    }
  | { readonly id: number; readonly failed: string };

/** A sum that takes longer is ended: whoever asked for it asked for too much. */
const LONGEST_MS = 20_000;

let thread: Worker | undefined;
let next = 1;
const waiting = new Map<number, (answered: Answered | null) => void>();

function theThread(root: string): Worker {
  if (thread) return thread;
  const made = new Worker(join(root, "src/server/sum-thread.mjs"));
  made.unref();
  made.on("message", (answered: Answered) => waiting.get(answered.id)?.(answered));
  made.on("error", (err) => {
    log.error({ err }, "the thread of long sums broke");
    endThread();
  });
  thread = made;
  return made;
}

/** Ends the thread with all that waits for it; the next sum begins another. */
function endThread(): void {
  void thread?.terminate();
  thread = undefined;
  for (const done of waiting.values()) done(null);
  waiting.clear();
}

/**
 * The same endpoint in a thread beside the server: `built` is where the build puts it, as `api/calc/odds`. Where there is no
 * build (in tests, in development) it runs where it is.
 */
export const offThread =
  (built: string, here: APIRoute): APIRoute =>
  async (context) => {
    const root = process.env["PLAIN_PANE_ROOT"];
    if (root === undefined || !isMainThread) return here(context);
    const { request } = context;
    const body = await readBytes(request, MOST_BYTES);
    if (!body.ok)
      return problem(413, {
        code: "too-large",
        message: `Send at most ${MOST_BYTES / 1024} KiB at once: split it up.`,
      });
    const id = next++;
    const answered = await new Promise<Answered | null>((done) => {
      const end = (answer: Answered | null) => {
        clearTimeout(timer);
        waiting.delete(id);
        done(answer);
      };
      const timer = setTimeout(endThread, LONGEST_MS);
      waiting.set(id, end);
      theThread(root).postMessage({
        id,
        module: pathToFileURL(join(root, "dist/server/pages", `${built}.astro.mjs`)).href,
        url: request.url,
        headers: [...request.headers].filter(([name]) => name !== "content-length"),
        body: body.value,
      });
    });
    if (answered === null)
      return problem(503, {
        code: "too-long",
        message: `This took longer than ${LONGEST_MS / 1000} seconds, so it was ended. Ask for fewer samples or fewer cases at once.`,
      });
    if ("failed" in answered)
      return problem(500, { code: "broken", message: "Something broke on our side. Nothing was stored. Try again." });
    return new Response(answered.body, { status: answered.status, headers: answered.headers });
  };
