import { describe, expect, it } from "vitest";
import { z } from "zod";
import { route } from "../../contract/route.ts";
import { fail, ok } from "../../core/result.ts";
import { endpoint, notAllowed } from "./endpoint.ts";
import { isForeign } from "./origin.ts";
import { MOST_BYTES, readJson } from "./read-body.ts";

const Double = route({
  method: "post",
  path: "/double",
  says: "Doubles.",
  input: z.strictObject({ n: z.number() }),
  output: z.number(),
  batch: true,
});
const double = endpoint(Double, ({ n }) => {
  if (n === 666) throw new Error("secret");
  return n < 0 ? fail({ code: "below-nothing", message: "Give 0 or more.", field: "n" }) : ok(2 * n);
});

const request = (body: string | Uint8Array, headers: Record<string, string> = {}): Request =>
  new Request("http://127.0.0.1:4321/double", {
    method: "POST",
    headers: { "content-type": "application/json", host: "127.0.0.1:4321", ...headers },
    body: body as BodyInit,
  });
const call = async (body: unknown, headers: Record<string, string> = {}) => {
  const asked = request(typeof body === "string" ? body : JSON.stringify(body), headers);
  const answer = await double({ request: asked, url: new URL(asked.url) } as never);
  return { status: answer.status, body: (await answer.json()) as unknown };
};

describe("one boundary for every endpoint", () => {
  it("answers one case, or as many as were sent, each in its place", async () => {
    expect(await call({ n: 2 })).toEqual({ status: 200, body: 4 });
    expect(await call([{ n: 1 }, { n: -1 }, { m: 1 }, { n: 3 }])).toMatchObject({
      status: 200,
      body: [2, { error: { code: "below-nothing", field: "n" } }, { error: { code: "invalid" } }, 6],
    });
    expect(await call([])).toEqual({ status: 200, body: [] });
  });
  it("a refusal says what to do", async () => {
    expect(await call({ n: -1 })).toEqual({
      status: 422,
      body: { error: { code: "below-nothing", message: "Give 0 or more.", field: "n" } },
    });
  });
  it("names the field that is wrong, and lists them all", async () => {
    const { body } = await call({ n: "two", x: 1 });
    expect(body).toMatchObject({ error: { code: "invalid", problems: [{ path: "n" }, {}] } });
  });
  it("what breaks on our side is said without its secrets", async () => {
    const { status, body } = await call({ n: 666 });
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toContain("secret");
  });
  it("a thousand cases are taken, one more is not", async () => {
    expect((await call(Array(1000).fill({ n: 1 }))).status).toBe(200);
    expect((await call(Array(1001).fill({ n: 1 }))).status).toBe(413);
  });
  it("other methods are told which to use", async () => {
    const answer = await notAllowed("POST")({} as never);
    expect([answer.status, answer.headers.get("allow")]).toEqual([405, "POST"]);
  });
});

describe("where a request comes from", () => {
  it.each([
    [{}, false],
    [{ origin: "http://127.0.0.1:4321" }, false],
    [{ origin: "http://127.0.0.1:9999" }, true],
    [{ origin: "https://127.0.0.1:4321.evil.example" }, true],
    [{ origin: "null" }, true],
    [{ "sec-fetch-site": "same-origin" }, false],
    [{ "sec-fetch-site": "cross-site" }, true],
  ])("%j: foreign is %s", (headers, foreign) =>
    expect(isForeign(request("{}", headers as Record<string, string>))).toBe(foreign),
  );
});

describe("a body", () => {
  it.each([
    ["application/json", '{"a":1}', null],
    ["application/json; charset=utf-8", "[]", null],
    ["text/plain", "{}", "wrong-type"],
    ["application/json", "{", "not-json"],
    ["application/json", "x".repeat(MOST_BYTES + 1), "too-large"],
  ])("%s: %#", async (type, body, kind) => {
    const read = await readJson(request(body, { "content-type": type }));
    expect(read.ok ? null : read.error.kind).toBe(kind);
  });
  it("is UTF-8", async () => {
    const read = await readJson(request(new Uint8Array([0x22, 0xff, 0x22])));
    expect(read.ok ? null : read.error.kind).toBe("not-json");
  });
});
