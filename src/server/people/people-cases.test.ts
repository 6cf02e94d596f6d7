import { beforeEach, describe, expect, it } from "vitest";
import { createDatabase, type Database } from "../../db/database.ts";
import { accountByName, lastAudit, openSessions } from "../../db/people.ts";
import { accept, begin, signIn } from "./coming-in.ts";
import { change, endSession, invite } from "./office.ts";
import { changePassword, makeTablet, setPin, signOut, unlock } from "./own.ts";
import { cameBy, SESSION, TABLET } from "./session.ts";
import type { Visit } from "./visit.ts";

const NOW = new Date("2026-05-20T09:00:00.000Z");
const later = (ms: number) => new Date(NOW.getTime() + ms);
const MIN = 60_000;
const GOOD = "putty knife on sill";

let db: Database;
let n = 0;
const from = (over: Partial<Visit> = {}): Visit => ({
  visitor: null,
  session: null,
  tablet: null,
  // Tries are counted by address: each test has one of its own.
  address: `192.0.2.${++n % 250}`,
  origin: "https://panes.example",
  agent: "",
  cookies: [],
  ...over,
});
const cookie = (at: Visit, name: string) =>
  new RegExp(`^${name}=([^;]*)`).exec(at.cookies.findLast((c) => c.startsWith(`${name}=`)) ?? "")?.[1] ?? "";
const sessionOf = (at: Visit, now = NOW) => cameBy(db, cookie(at, SESSION) || null, now);
const as = (at: Visit, now = NOW): Visit => {
  const came = sessionOf(at, now);
  if (came.kind !== "in") throw new Error(came.kind);
  return from({ visitor: came.visitor, session: came.session.id, tablet: cookie(at, TABLET) || null });
};

async function owner(name = "Nell Harrow"): Promise<Visit> {
  const at = from();
  expect((await begin(db, at, { name, password: GOOD, device: "desk" }, NOW)).ok).toBe(true);
  return at;
}

beforeEach(() => {
  db = createDatabase(":memory:");
});

describe("the first owner", () => {
  it("is in at once, and there is one first", async () => {
    const at = await owner();
    expect(sessionOf(at)).toMatchObject({ kind: "in", visitor: { name: "Nell Harrow", role: "owner" } });
    const second = await begin(db, from(), { name: "Bram", password: GOOD, device: "x" }, NOW);
    expect(second).toMatchObject({ ok: false, error: { status: 409 } });
  });
  it("has a cookie that no script reads, and that goes over no open line", async () => {
    const at = await owner();
    expect(at.cookies[0]).toMatch(/^pp-session=[\w-]{43}; Path=\/; HttpOnly; SameSite=Lax; Max-Age=2592000; Secure$/);
  });
  it("takes no password that is guessed", async () => {
    const done = await begin(db, from(), { name: "Nell", password: "passwordpassword", device: "x" }, NOW);
    expect(done).toMatchObject({ ok: false, error: { code: "poor-password" } });
  });
  it("keeps no secret as it is", async () => {
    const at = await owner();
    const row = JSON.stringify([accountByName(db, "Nell Harrow"), openSessions(db, NOW.toISOString())]);
    expect(row).toContain("$argon2id$");
    expect(row).not.toContain(GOOD);
    expect(row).not.toContain(cookie(at, SESSION));
  });
});

describe("signing in", () => {
  it.each([
    ["Nell Harrow", GOOD, true],
    [" nell harrow ", GOOD, true],
    ["Nell Harrow", `${GOOD}!`, false],
    ["Nobody", GOOD, false],
  ])("%s with %s: %s", async (name, password, is) => {
    await owner();
    const done = await signIn(db, from(), { name, password, device: "phone" }, NOW);
    expect(done.ok).toBe(is);
    // The same is said of a wrong name and a wrong password.
    if (!done.ok) expect(done.error).toMatchObject({ status: 401, code: "wrong" });
  });
  it("is not tried more than ten times in a quarter of an hour for one name", async () => {
    await owner("Tried Often");
    const tries = [];
    for (let i = 0; i < 11; i++)
      tries.push(await signIn(db, from(), { name: "Tried Often", password: "wrong wrong wrong", device: "x" }, NOW));
    expect(tries.map((t) => !t.ok && t.error.status)).toEqual([...Array(10).fill(401), 429]);
    // Not even the right one, then.
    expect(await signIn(db, from(), { name: "tried often", password: GOOD, device: "x" }, NOW)).toMatchObject({
      error: { status: 429 },
    });
  });
  it("ends where it is signed out, after a month unused, and where the person comes no more", async () => {
    const at = await owner();
    signOut(db, as(at), NOW);
    expect(sessionOf(at).kind).toBe("ended");
    const again = from();
    await signIn(db, again, { name: "Nell Harrow", password: GOOD, device: "x" }, NOW);
    expect(sessionOf(again, later(29 * 24 * 60 * MIN)).kind).toBe("in");
    expect(sessionOf(again, later(80 * 24 * 60 * MIN)).kind).toBe("ended");
  });
});

describe("an invitation", () => {
  const asked = async (at: Visit, name: string, role: "glazier" | "owner" | "guest" = "glazier") => {
    const made = await invite(db, as(at), { name, role, hours: 24 }, NOW);
    if (!made.ok) throw new Error(made.error.message);
    return made.value.link.split("/").at(-1) ?? "";
  };
  it("lets one person in once", async () => {
    const token = await asked(await owner(), "Bram Oake");
    const at = from();
    expect(await accept(db, at, { token, password: "beads in a row 4", device: "phone" }, NOW)).toMatchObject({
      ok: true,
      value: { name: "Bram Oake", role: "glazier" },
    });
    expect(sessionOf(at)).toMatchObject({ kind: "in", visitor: { role: "glazier" } });
    expect(await accept(db, from(), { token, password: "beads in a row 4", device: "x" }, NOW)).toMatchObject({
      error: { status: 410 },
    });
  });
  it("of two who take it up in one breath lets one in", async () => {
    const token = await asked(await owner(), "Bram Oake");
    const both = await Promise.all(
      [1, 2].map(() => accept(db, from(), { token, password: "beads in a row 4", device: "x" }, NOW)),
    );
    expect(both.filter((b) => b.ok)).toHaveLength(1);
  });
  it("ends by itself", async () => {
    const token = await asked(await owner(), "Bram Oake");
    expect(
      await accept(db, from(), { token, password: "beads in a row 4", device: "x" }, later(25 * 60 * MIN)),
    ).toMatchObject({ error: { status: 410 } });
  });
  it("of a guest says which round", async () => {
    const at = await owner();
    expect(await invite(db, as(at), { name: "Agent", role: "guest", hours: 1 }, NOW)).toMatchObject({
      ok: false,
      error: { code: "no-round" },
    });
  });
});

describe("the office", () => {
  it("does not lock the firm out: the last owner stays one", async () => {
    const at = await owner();
    const person = accountByName(db, "Nell Harrow")?.id ?? "";
    expect(change(db, as(at), { person, role: "glazier" }, NOW)).toMatchObject({ error: { code: "last-owner" } });
    expect(change(db, as(at), { person, ended: true }, NOW)).toMatchObject({ error: { code: "last-owner" } });
  });
  it("ends the sessions of whoever comes no more", async () => {
    const at = await owner();
    const made = await invite(db, as(at), { name: "Bram Oake", role: "glazier", hours: 1 }, NOW);
    const bram = from();
    await accept(
      db,
      bram,
      { token: made.ok ? (made.value.link.split("/").at(-1) ?? "") : "", password: "beads in a row 4", device: "p" },
      NOW,
    );
    change(db, as(at), { person: accountByName(db, "Bram Oake")?.id ?? "", ended: true }, NOW);
    expect(sessionOf(bram).kind).toBe("ended");
    expect((await signIn(db, from(), { name: "Bram Oake", password: "beads in a row 4", device: "p" }, NOW)).ok).toBe(
      false,
    );
  });
  it("says that a device is lost, and the device is told", async () => {
    const at = await owner();
    const phone = from();
    await signIn(db, phone, { name: "Nell Harrow", password: GOOD, device: "phone" }, NOW);
    const came = sessionOf(phone);
    endSession(db, as(at), { session: came.kind === "in" ? came.session.id : "", lost: true }, NOW);
    expect(sessionOf(phone).kind).toBe("lost");
    expect(sessionOf(at).kind).toBe("in");
    expect(lastAudit(db, 1)[0]).toMatchObject({
      who: "Nell Harrow",
      what: "device was said to be lost",
      about: "phone, Nell Harrow",
    });
  });
});

describe("a password that is changed", () => {
  it("ends the person's other sessions, and keeps this one", async () => {
    const at = await owner("Changed Once");
    const phone = from();
    await signIn(db, phone, { name: "Changed Once", password: GOOD, device: "phone" }, NOW);
    expect((await changePassword(db, as(at), { old: GOOD, password: "sprigs under the sill" }, NOW)).ok).toBe(true);
    expect([sessionOf(at).kind, sessionOf(phone).kind]).toEqual(["in", "ended"]);
  });
});

describe("a shared tablet", () => {
  async function tablet(name: string) {
    const at = await owner(name);
    expect((await setPin(db, as(at), { password: GOOD, pin: "2580" }, NOW)).ok).toBe(true);
    const there = as(at);
    makeTablet(db, there, { device: "bench tablet" }, NOW);
    return { tablet: cookie(there, TABLET), person: accountByName(db, name)?.id ?? "", was: at };
  }
  it("lets nobody in by itself, and one person by name and PIN, for a quarter of an hour", async () => {
    const t = await tablet("Tablet One");
    expect(cameBy(db, t.tablet, NOW).kind).toBe("ended");
    expect(sessionOf(t.was).kind).toBe("none");
    const at = from({ tablet: t.tablet });
    expect(await unlock(db, at, { person: t.person, pin: "2580" }, NOW)).toMatchObject({ ok: true });
    expect(sessionOf(at, later(14 * MIN)).kind).toBe("in");
    expect(sessionOf(at, later(14 * MIN + 16 * MIN)).kind).toBe("ended");
  });
  it("takes no PIN for a quarter of an hour after five wrong ones", async () => {
    const t = await tablet("Tablet Two");
    const at = from({ tablet: t.tablet });
    const tries = [];
    for (let i = 0; i < 6; i++) tries.push(await unlock(db, at, { person: t.person, pin: "1397" }, NOW));
    expect(tries.map((x) => !x.ok && x.error.status)).toEqual([401, 401, 401, 401, 429, 429]);
    expect(await unlock(db, at, { person: t.person, pin: "2580" }, NOW)).toMatchObject({ error: { status: 429 } });
    expect((await unlock(db, at, { person: t.person, pin: "2580" }, later(16 * MIN))).ok).toBe(true);
  });
  it("a PIN opens nothing on another device", async () => {
    const t = await tablet("Tablet Three");
    expect(await unlock(db, from(), { person: t.person, pin: "2580" }, NOW)).toMatchObject({
      error: { code: "no-tablet" },
    });
  });
});
