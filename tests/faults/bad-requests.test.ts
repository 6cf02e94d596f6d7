import { request } from "node:http";
import { v7 as uuidv7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { freshFile, type Served, serve, stop } from "./server.ts";

let served: Served;
beforeAll(async () => {
  served = await serve(freshFile("bad"));
});
afterAll(() => stop(served, "SIGTERM"));

const JSON_TYPE = { "content-type": "application/json" };
type Answer = {
  readonly status: number;
  readonly body: { error?: { code: string; message: string } };
  readonly headers: Headers;
};

async function send(path: string, init: RequestInit): Promise<Answer> {
  const answer = await fetch(served.url + path, init);
  return { status: answer.status, body: (await answer.json()) as Answer["body"], headers: answer.headers };
}
const post = (path: string, body: string, headers: Record<string, string> = JSON_TYPE) =>
  send(path, { method: "POST", headers, body });

const entry = (about: object, kind: string, payload: object) =>
  JSON.stringify({ entries: [{ id: uuidv7(), at: "2026-05-20T08:00:00.000Z", who: "T", about, kind, payload }] });

describe("bad requests get a clear JSON error", () => {
  const cases: readonly (readonly [string, () => Promise<Answer>, number, string])[] = [
    ["a body that is no JSON", () => post("/api/entries", "{oops"), 400, "not-json"],
    ["an empty body", () => post("/api/entries", ""), 400, "not-json"],
    [
      "bytes that are no text",
      () => send("/api/calc/tape", { method: "POST", headers: JSON_TYPE, body: new Uint8Array([0xff, 0xfe]) }),
      400,
      "not-json",
    ],
    ["a body of the wrong shape", () => post("/api/entries", '{"entries":"none"}'), 400, "invalid"],
    ["a key nobody asked for", () => post("/api/calc/tape", '{"text":"1","x":1}'), 400, "invalid"],
    ["an unknown kind", () => post("/api/entries", entry({}, "pane.melted", {})), 400, "invalid"],
    [
      "an unknown pane",
      () => post("/api/entries", entry({ pane: uuidv7() }, "takeout.sprigs", { found: 3 })),
      404,
      "unknown-id",
    ],
    [
      "an order nobody opened",
      () => post("/api/entries", entry({ order: uuidv7() }, "order.arrived", { day: "2026-05-20" })),
      404,
      "unknown-id",
    ],
    [
      "an entry about nothing",
      () => post("/api/entries", entry({}, "takeout.sprigs", { found: 3 })),
      422,
      "about-missing",
    ],
    ["a day that is not on the calendar", () => post("/api/calc/paint-window", '{"set":"2026-02-30"}'), 400, "invalid"],
    ["5 MB", () => post("/api/entries", JSON.stringify({ entries: ["x".repeat(5_000_000)] })), 413, "too-large"],
    [
      "a form",
      () => post("/api/entries", "a=1", { "content-type": "application/x-www-form-urlencoded", origin: served.url }),
      415,
      "content-type",
    ],
    ["plain text", () => post("/api/calc/tape", "{}", { "content-type": "text/plain" }), 415, "content-type"],
    [
      "a foreign origin",
      () => post("/api/entries", "{}", { ...JSON_TYPE, origin: "https://elsewhere.example" }),
      403,
      "foreign-origin",
    ],
    [
      "a cross-site page",
      () => post("/api/calc/tape", "{}", { ...JSON_TYPE, "sec-fetch-site": "cross-site" }),
      403,
      "foreign-origin",
    ],
    ["the wrong method", () => send("/api/calc/tape", { method: "GET" }), 405, "method"],
    ["an id with a slash in it", () => send("/api/panes/23%2011%2F16", { method: "GET" }), 404, "no-such-path"],
    ["a path that is not there", () => send("/api/nothing", { method: "GET" }), 404, "no-such-path"],
    [
      "an order file that is not there",
      () => send(`/orders/${uuidv7()}/lines.csv`, { method: "GET" }),
      404,
      "unknown-id",
    ],
    [
      "1 001 cases",
      () => post("/api/calc/tape", JSON.stringify(Array(1001).fill({ text: "1" }))),
      413,
      "too-many-cases",
    ],
    ["a fraction no tape has", () => post("/api/calc/tape", '{"text":"17/16"}'), 422, "improper-fraction"],
  ];
  it.each(cases)("%s", async (_, ask, status, code) => {
    const answer = await ask();
    expect([answer.status, answer.body.error?.code]).toEqual([status, code]);
    expect(answer.body.error?.message).toMatch(/[a-z].*[.?]$/i);
    expect(answer.headers.get("content-type")).toContain("application/json");
  });

  it("5 MB that hides its length is stopped on the way", async () => {
    const status = await new Promise((resolve, reject) => {
      const asked = request(`${served.url}/api/entries`, { method: "POST", headers: JSON_TYPE }, (r) =>
        resolve(r.statusCode),
      );
      asked.on("error", reject);
      for (let i = 0; i < 5; i++) asked.write("x".repeat(1_000_000));
      asked.end();
    });
    expect(status).toBe(413);
  });

  it("stores nothing of a batch of which one entry is wrong", async () => {
    const good = JSON.parse(entry({ round: uuidv7() }, "round.opened", { name: "R", place: "" })).entries[0];
    const bad = JSON.parse(entry({ pane: uuidv7() }, "takeout.sprigs", { found: 3 })).entries[0];
    expect((await post("/api/entries", JSON.stringify({ entries: [good, bad] }))).status).toBe(404);
    const { body } = await send("/api/health", { method: "GET" });
    expect(body).toMatchObject({ entries: 0 });
  });

  it("refuses another site's name for itself", async () => {
    const status = await new Promise((resolve) => {
      request(served.url, { headers: { host: "evil.example" } }, (r) => resolve(r.statusCode)).end();
    });
    expect(status).toBe(421);
  });
});

describe("security headers", () => {
  it("stand on pages, with a policy that lets no foreign or inline script run", async () => {
    const { headers } = await fetch(`${served.url}/orders`);
    const policy = headers.get("content-security-policy") ?? "";
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).toMatch(/script-src 'self'/);
    expect(policy).not.toContain("unsafe");
    expect(headers.get("x-content-type-options")).toBe("nosniff");
    expect(headers.get("referrer-policy")).toBe("same-origin");
  });
  it("stand on answers and on files of the build", async () => {
    const api = await fetch(`${served.url}/api/health`);
    expect(api.headers.get("content-security-policy")).toContain("default-src 'none'");
    const mark = await fetch(`${served.url}/mark.svg`);
    expect(mark.headers.get("x-content-type-options")).toBe("nosniff");
  });
});

describe("the document of the interface", () => {
  it("names every endpoint, and each example in it is taken", async () => {
    const doc = (await (await fetch(`${served.url}/api/openapi.json`)).json()) as {
      paths: Record<string, { post?: { requestBody: { content: { "application/json": { example?: unknown } } } } }>;
    };
    expect(Object.keys(doc.paths)).toEqual(
      expect.arrayContaining([
        "/api/calc/tape",
        "/api/calc/size",
        "/api/calc/putty",
        "/api/calc/paint-window",
        "/api/entries",
      ]),
    );
    for (const [path, { post: op }] of Object.entries(doc.paths)) {
      const example = op?.requestBody.content["application/json"].example;
      if (example === undefined) continue;
      expect([path, (await post(path, JSON.stringify(example))).status]).toEqual([path, 200]);
    }
  });
});
