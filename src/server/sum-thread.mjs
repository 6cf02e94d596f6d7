// A thread for long sums: it answers requests by the same built endpoint, so that nobody else waits for them.
import { parentPort } from "node:worker_threads";

const loaded = new Map();

parentPort?.on("message", async ({ id, module, url, headers, body }) => {
  try {
    if (!loaded.has(module)) loaded.set(module, await (await import(module)).page());
    const request = new Request(url, { method: "POST", headers, body });
    const answer = await loaded.get(module).POST({ request, url: new URL(url) });
    const text = new Uint8Array(await answer.arrayBuffer());
    parentPort?.postMessage({ id, status: answer.status, headers: [...answer.headers], body: text }, [text.buffer]);
  } catch (error) {
    parentPort?.postMessage({ id, failed: error instanceof Error ? error.message : String(error) });
  }
});
