import { readdirSync } from "node:fs";
import { v7 as uuidv7 } from "uuid";
import { beforeAll, describe, expect, it } from "vitest";
import { type Doing, may } from "../../core/people/may.ts";
import { ROLES, type Role } from "../../core/people/role.ts";
import { createDatabase, type Database } from "../../db/database.ts";
import { addAccount, addKey } from "../../db/people.ts";
import { panes, rounds } from "../../db/schema.ts";
import { DOINGS, doingOf } from "./doings.ts";
import { whatStops } from "./gate.ts";
import { INNER } from "./inner.ts";
import { hashOf } from "./secret.ts";
import type { Came } from "./session.ts";

const NOW = new Date("2026-05-20T09:00:00.000Z");
const OWN = "019e0000-0000-7000-8000-000000000001";
const OTHER = "019e0000-0000-7000-8000-000000000002";
const PANE = "019e0000-0000-7000-8000-00000000000a";
const KEY = "a-supplier-s-key-of-some-length";
const STRANGE_PANE = "019e0000-0000-7000-8000-00000000000b";

let db: Database;
const account = (role: Role) => ({
  id: uuidv7(),
  name: role,
  role,
  round: role === "guest" ? OWN : null,
  password: null,
  pin: null,
  pinWrong: 0,
  pinAgainAt: null,
  madeAt: NOW.toISOString(),
  endedAt: null,
});
const came = (role: Role): Came => ({
  kind: "in",
  visitor: { person: role, name: role, role, round: role === "guest" ? OWN : null },
  session: {} as never,
});
const ask = (
  pattern: string,
  method: string,
  given: Came,
  params = {},
  search = "",
  authorization: string | null = null,
) =>
  whatStops(
    db,
    { pattern, method, url: new URL(`http://127.0.0.1${pattern}${search}`), params, authorization },
    given,
    NOW,
  );

const pane = (id: string, round: string) => ({
  id,
  round,
  address: "1 Ottermole Row",
  opening: "kitchen",
  light: "1",
  system: "timber-putty",
  side: "street",
  entryCount: 1,
  addedAt: NOW.toISOString(),
  lastAt: NOW.toISOString(),
  through: 1,
  facts: {},
});

beforeAll(() => {
  db = createDatabase(":memory:");
  for (const id of [OWN, OTHER])
    db.insert(rounds).values({ id, name: id, place: "", openedAt: NOW.toISOString() }).run();
  db.insert(panes)
    .values([pane(PANE, OWN), pane(STRANGE_PANE, OTHER)] as never)
    .run();
  addAccount(db, account("owner"));
  addKey(db, {
    id: uuidv7(),
    hash: hashOf(KEY),
    what: "supplier",
    of: "Fen End",
    madeAt: "",
    usedAt: null,
    endedAt: null,
  });
});

/** The pattern that each file under `src/pages` answers to. */
const patterns = (readdirSync("src/pages", { recursive: true, encoding: "utf8" }) as readonly string[])
  .filter((f) => /\.(astro|ts)$/.test(f))
  .map((f) => `/${f.replace(/\.(astro|ts)$/, "")}`.replace(/\/index$/, "") || "/");

describe("the table of addresses", () => {
  it("has every page and endpoint, and none that is not there", () => {
    expect(Object.keys(DOINGS).sort()).toEqual([...patterns].sort());
  });
  it("lets nobody in where it has no row", async () => {
    expect(doingOf("/api/new-thing", "POST")).toBeNull();
    expect((await ask("/api/new-thing", "POST", came("owner")))?.status).toBe(403);
  });
});

const rows = Object.entries(DOINGS).flatMap(([pattern, ways]) =>
  Object.entries(ways).map(([method, doing]) => [pattern, method, doing as Doing] as const),
);

describe.each(rows)("%s by %s (%s)", (pattern, method, doing) => {
  const own = { id: /rounds/.test(pattern) ? OWN : PANE };
  it("is open to nobody who is not signed in, but for the way in", async () => {
    const stopped = await ask(pattern, method, { kind: "none" }, own);
    if (doing === "come-in") return expect(stopped).toBeNull();
    expect(stopped?.status).toBe(
      pattern.startsWith("/api/") || pattern === "/api" ? (pattern === "/api" ? 303 : 401) : 303,
    );
  });
  it.each(ROLES)("is as the table says for: %s", async (role) => {
    // A guest asks for what is theirs; a picture that nobody took of their round is not.
    const photo = pattern.startsWith("/api/photos") && role === "guest";
    const stopped = await ask(pattern, method, came(role), own, `?round=${OWN}`);
    const open = doing === "come-in" || (may(role, doing) && !(photo && doing === "read-round"));
    expect([role, stopped?.status ?? 200]).toEqual([role, open ? 200 : 403]);
  });
  it("is open to nobody whose session ended, but for the way in", async () => {
    const status = (await ask(pattern, method, { kind: "ended" }, own))?.status ?? 200;
    expect([200, 303, 401].indexOf(status) > 0).toBe(doing !== "come-in");
  });
  it("is open by a supplier's key where it is theirs alone", async () => {
    const stopped = await ask(pattern, method, { kind: "none" }, own, "", `Bearer ${KEY}`);
    expect(stopped === null).toBe(doing === "come-in" || doing === "supply");
  });
});

describe("a guest", () => {
  it.each([
    ["/panes/[id]/[...view]", { id: PANE }, 200],
    ["/panes/[id]/[...view]", { id: STRANGE_PANE }, 403],
    ["/api/panes/[id]", { id: STRANGE_PANE }, 403],
    ["/api/panes/[id]", { id: "nonsense" }, 403],
    ["/rounds/[id]/kit", { id: OWN }, 200],
    ["/rounds/[id]/kit", { id: OTHER }, 403],
    ["/api/rounds/[id]", { id: OTHER }, 403],
  ])("at %s of %j: %d", async (pattern, params, status) => {
    expect((await ask(pattern, "GET", came("guest"), params))?.status ?? 200).toBe(status);
  });
  it("is led to their own round", async () => {
    const stopped = await ask("/", "GET", came("guest"), {}, `?round=${OTHER}`);
    expect([stopped?.status, stopped?.headers.get("location")]).toEqual([303, `/?round=${OWN}`]);
  });
});

describe("while there is no owner", () => {
  it("nobody has to sign in", async () => {
    const empty = createDatabase(":memory:");
    const asked = {
      pattern: "/api/entries",
      method: "POST",
      url: new URL("http://127.0.0.1/"),
      params: {},
      authorization: null,
    };
    expect(await whatStops(empty, asked, { kind: "none" }, NOW)).toBeNull();
  });
});

it("this very process comes by a key of its own to what a supplier may, and no further", async () => {
  expect(await ask("/api/standin/orders", "POST", { kind: "none" }, {}, "", `Bearer ${INNER}`)).toBeNull();
  expect((await ask("/api/entries", "GET", { kind: "none" }, {}, "", `Bearer ${INNER}`))?.status).toBe(401);
});

it("too much at once is told to wait", async () => {
  const given: Came = {
    kind: "in",
    visitor: { person: "busy", name: "b", role: "owner", round: null },
    session: {} as never,
  };
  let last: Response | null = null;
  for (let i = 0; i <= 1200; i++) last = await ask("/api/entries", "POST", given);
  expect([last?.status, last?.headers.has("retry-after")]).toEqual([429, true]);
});
