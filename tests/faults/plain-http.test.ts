import { request } from "node:http";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { freshFile, type Served, serve, stop } from "./server.ts";

let served: Served;
beforeAll(async () => {
  served = await serve(freshFile("tls"), {
    PUBLIC_URL: "https://panes.example",
    ALLOWED_HOSTS: "panes.example",
    OPEN_TO_ALL: "yes",
  });
}, 60_000);
afterAll(() => stop(served, "SIGKILL"));

/** As a proxy on this machine would ask, for a name of its own. */
const ask = (path: string, method: string, headers: Readonly<Record<string, string>>) =>
  new Promise<{ status: number | undefined; headers: Readonly<Record<string, unknown>> }>((done, fail) => {
    const asked = request(new URL(path, served.url), { method, headers }, (r) => {
      r.resume();
      done({ status: r.statusCode, headers: r.headers });
    });
    asked.on("error", fail);
    asked.end(method === "POST" ? "{}" : undefined);
  });

describe("a name that is served over TLS", () => {
  it("a page asked for in the clear is sent on", async () => {
    const { status, headers } = await ask("/orders?x=1", "GET", { host: "panes.example", "x-forwarded-proto": "http" });
    expect([status, headers["location"]]).toEqual([308, "https://panes.example/orders?x=1"]);
  });
  it("what writes in the clear is refused, and nothing is done", async () => {
    const { status } = await ask("/api/entries", "POST", {
      host: "panes.example",
      "x-forwarded-proto": "http",
      "content-type": "application/json",
    });
    expect(status).toBe(403);
  });
  it("asked by TLS it answers, and says so for a year", async () => {
    const { status, headers } = await ask("/api/health", "GET", {
      host: "panes.example",
      "x-forwarded-proto": "https",
    });
    expect([status, headers["strict-transport-security"]]).toEqual([200, "max-age=31536000"]);
  });
  it("this machine's own name is answered as ever", async () => {
    const { status } = await ask("/api/health", "GET", { host: new URL(served.url).host });
    expect(status).toBe(200);
  });
});
