import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { freshFile, refusesToStart, type Served, serve, stop } from "./server.ts";

const GOOD = "putty knife on sill";
const file = freshFile("people");
let served: Served;
const started: Served[] = [];
afterAll(async () => {
  for (const s of started) await stop(s, "SIGKILL");
});

type Answer = { readonly status: number; readonly cookie: string; readonly body: Record<string, unknown> };
async function post(path: string, body: unknown, cookie = "", headers: Record<string, string> = {}): Promise<Answer> {
  const answer = await fetch(served.url + path, {
    method: "POST",
    headers: { "content-type": "application/json", ...(cookie && { cookie }), ...headers },
    body: JSON.stringify(body),
  });
  const set = answer.headers.getSetCookie().map((c) => c.split(";")[0] ?? "");
  return { status: answer.status, cookie: set.join("; "), body: (await answer.json()) as Record<string, unknown> };
}
const get = (path: string, cookie = "") =>
  fetch(served.url + path, { headers: { ...(cookie && { cookie }) }, redirect: "manual" });

let n = 0;
const entry = (who: string, kind: string, payload: unknown, about = {}) => ({
  id: `019e0000-0000-7000-8000-${String(++n).padStart(12, "0")}`,
  at: "2026-05-20T09:00:00.000Z",
  who,
  about,
  kind,
  payload,
});
const weather = (who: string) => entry(who, "round.weather", { day: "2026-05-20", wet: false, lowC: 8 });

let nell = "";
let bram = "";

beforeAll(async () => {
  served = await serve(file);
  started.push(served);
});

describe("before there is an owner", () => {
  it("this machine alone is answered, and nobody signs in", async () => {
    expect((await get("/house")).status).toBe(200);
    expect((await post("/api/entries", { entries: [weather("Anybody")] })).status).toBe(200);
  });
  it("a page of another site makes nobody an owner", async () => {
    const begun = await post("/api/people/begin", { name: "Mallory", password: GOOD }, "", {
      origin: "https://elsewhere.example",
    });
    expect(begun.status).toBe(403);
  });
});

describe("from the first owner on", () => {
  beforeAll(async () => {
    const begun = await post("/api/people/begin", { name: "Nell Harrow", password: GOOD, device: "desk" });
    expect(begun.status).toBe(200);
    nell = begun.cookie;
    const made = await post("/api/people/invite", { name: "Bram Oake", role: "glazier" }, nell);
    const token = String(made.body["link"]).split("/").at(-1);
    bram = (await post("/api/people/accept", { token, password: "beads in a row 4", device: "phone" })).cookie;
  });
  it.each(["/", "/house", "/orders", "/rounds", "/people", "/device"])("%s leads to signing in", async (path) => {
    const answer = await get(path);
    expect([answer.status, answer.headers.get("location")]).toEqual([303, `/sign-in?to=${encodeURIComponent(path)}`]);
    expect(await answer.text()).toBe("");
  });
  it.each(["/api/entries", "/api/archive", "/api/backups", "/api/live", "/api/photos/x", "/api/rounds/x/kept"])(
    "%s says to sign in, and nothing else",
    async (path) => {
      const answer = await get(path);
      expect(answer.status).toBe(401);
      expect(((await answer.json()) as { error: { code: string } }).error.code).toBe("sign-in");
    },
  );
  it("the way in and the server's health stay open", async () => {
    expect((await get("/sign-in")).status).toBe(200);
    expect((await get("/api/health")).status).toBe(200);
  });
  it("nobody writes in another's name", async () => {
    const forged = await post("/api/entries", { entries: [weather("Nell Harrow")] }, bram);
    expect([forged.status, (forged.body["error"] as { code: string }).code]).toEqual([403, "other-writer"]);
    expect((await post("/api/entries", { entries: [weather("Bram Oake")] }, bram)).status).toBe(200);
    const kept = (await (await get("/api/entries", nell)).json()) as { entries: { who: string }[] };
    expect(kept.entries.map((e) => e.who)).toEqual(["Anybody", "Bram Oake"]);
  });
  it("a glazier writes no house rule", async () => {
    const rule = (who: string) => entry(who, "house.rule", { rule: "vat", value: 20 });
    expect((await post("/api/entries", { entries: [rule("Bram Oake")] }, bram)).status).toBe(403);
  });
  it.each(["/people", "/api/archive", "/api/backups"])("a glazier does not reach %s", async (path) => {
    expect((await get(path, bram)).status).toBe(403);
    expect((await get(path, nell)).status).toBe(200);
  });
  it("a made-up session is none", async () => {
    expect((await get("/api/entries", "pp-session=AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA")).status).toBe(401);
    expect((await get("/api/entries", "pp-session=' or 1=1 --")).status).toBe(401);
  });
  it("a page kept for one is not shown to another who may not see it", async () => {
    expect((await get("/house", nell)).status).toBe(200);
    expect((await get("/house", nell)).status).toBe(200);
    expect((await get("/house")).status).toBe(303);
  });
  it("a lost phone is told to wipe itself", async () => {
    const page = await (await get("/people", nell)).text();
    const session = /([0-9a-f-]{36})[^{}]*?device&quot;:\[0,&quot;phone/.exec(page)?.[1];
    expect(session).toBeDefined();
    expect((await post("/api/people/end-session", { session, lost: true }, nell)).status).toBe(200);
    const sent = await post("/api/entries", { entries: [weather("Bram Oake")] }, bram);
    expect([sent.status, (sent.body["error"] as { code: string }).code]).toEqual([401, "device-lost"]);
    expect((await get("/", bram)).headers.get("location")).toBe("/sign-in?to=%2F&why=lost");
  });
  it("an archive holds no secret", async () => {
    const bytes = Buffer.from(await (await get("/api/archive", nell)).arrayBuffer());
    expect(bytes.includes("argon2")).toBe(false);
    expect(bytes.includes(nell.slice(11, 54))).toBe(false);
  });
});

describe("an address that others reach", () => {
  it("is served once there is an owner", async () => {
    await stop(served, "SIGTERM");
    started.length = 0;
    const open = await serve(file, { HOST: "0.0.0.0" });
    started.push(open);
    const at = `http://127.0.0.1:${new URL(open.url).port}`;
    expect((await fetch(`${at}/api/entries`)).status).toBe(401);
  });
  it("is refused without one where something in front answers to a name", async () => {
    const { code, says } = await refusesToStart(freshFile("named"), { ALLOWED_HOSTS: "panes.example" });
    expect(code).toBe(1);
    expect(says).toMatch(/npm run owner/);
  });
});
