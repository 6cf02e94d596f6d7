import { execFileSync } from "node:child_process";
import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import Database from "better-sqlite3";
import { v7 as uuidv7 } from "uuid";
import { afterAll, afterEach, beforeEach, describe, expect, it } from "vitest";
import { refusesToStart, type Served, serve, stop } from "./server.ts";

const all = mkdtempSync(join(tmpdir(), "plain-pane-file-"));
afterAll(() => rmSync(all, { recursive: true, force: true }));

let n = 0;
let folder: string;
let file: string;
let served: Served | undefined;
beforeEach(() => {
  folder = join(all, String(n++));
  file = join(folder, "firm.sqlite");
});
afterEach(async () => {
  if (served) await stop(served, "SIGKILL").catch(() => undefined);
  served = undefined;
});

const post = async (url: string, entries: readonly object[], more: object = {}) => {
  const answer = await fetch(`${url}/api/entries`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ entries, ...more }),
  });
  return { status: answer.status, body: (await answer.json()) as { error?: { code: string; message: string } } };
};
const entry = (about: object, kind: string, payload: object, at = new Date().toISOString()) => ({
  id: uuidv7(),
  at,
  who: "Test",
  about,
  kind,
  payload,
});
const opened = (name = "R") => entry({ round: uuidv7() }, "round.opened", { name, place: "" });

/** Starts a firm with some rounds, and stops it again. */
async function firmWith(rounds: number): Promise<void> {
  const s = await serve(file);
  for (let i = 0; i < rounds; i++) expect((await post(s.url, [opened(`R${i}`)])).status).toBe(200);
  expect(await stop(s, "SIGTERM")).toBe(0);
}
const run = (script: string, ...args: string[]): { readonly ok: boolean; readonly says: string } => {
  try {
    const says = execFileSync("node", [`scripts/${script}.mjs`, ...args], {
      env: { ...process.env, DATABASE_FILE: file },
      stdio: ["ignore", "pipe", "pipe"],
    });
    return { ok: true, says: String(says) };
  } catch (error) {
    return { ok: false, says: String((error as { stderr?: Buffer }).stderr) };
  }
};
const entriesIn = (path: string): number => {
  const db = new Database(path, { readonly: true });
  const count = Number(db.prepare("SELECT count(*) FROM entries").pluck().get());
  db.close();
  return count;
};

describe("a file that cannot be served is said in one sentence, with what to do", () => {
  it.each<[string, () => Promise<void> | void, RegExp]>([
    [
      "no database",
      async () => {
        await firmWith(1);
        writeFileSync(file, "Dear diary, this is not a database at all.");
      },
      /is not a database of Plain Pane: name another file/,
    ],
    [
      "emptied",
      async () => {
        await firmWith(1);
        writeFileSync(file, "");
      },
      /is empty, and a firm may have been in it/,
    ],
    [
      "damaged in the middle",
      async () => {
        await firmWith(3);
        const bytes = readFileSync(file);
        bytes.fill(0x5a, 4096 * 2, Math.min(bytes.length, 4096 * 12));
        writeFileSync(file, bytes);
      },
      /is damaged .*npm run restore/,
    ],
    [
      "of a newer version",
      async () => {
        await firmWith(1);
        const db = new Database(file);
        db.prepare("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('x', 99999999999999)").run();
        db.close();
      },
      /was written by a newer version/,
    ],
    [
      "gone, with a copy beside it",
      async () => {
        await firmWith(1);
        expect(run("backup").ok).toBe(true);
        rmSync(file);
      },
      /is not there, but copies of it are: .*npm run restore -- .*NEW_FIRM=1/,
    ],
  ])("%s", async (_, spoil, says) => {
    await spoil();
    const refused = await refusesToStart(file);
    expect(refused.code).toBe(1);
    expect(refused.says).toMatch(says);
    expect(refused.says.split("\n")).toHaveLength(1);
  });

  it("a port that is taken", async () => {
    served = await serve(file);
    const refused = await refusesToStart(join(folder, "other.sqlite"), { PORT: new URL(served.url).port });
    expect([refused.code, refused.says]).toEqual([1, expect.stringMatching(/^Port \d+ on 127\.0\.0\.1 is taken/)]);
  });
});

describe("while it runs", () => {
  it("a file that is moved away is noticed at the next write, and writing stops", async () => {
    served = await serve(file);
    expect((await post(served.url, [opened()])).status).toBe(200);
    renameSync(file, `${file}.elsewhere`);
    const refused = await post(served.url, [opened()]);
    expect([refused.status, refused.body.error?.code]).toEqual([503, "file-gone"]);
    const health = await fetch(`${served.url}/api/health`);
    expect([health.status, ((await health.json()) as { error: { code: string } }).error.code]).toEqual([
      503,
      "file-gone",
    ]);
    renameSync(`${file}.elsewhere`, file);
    expect((await post(served.url, [opened()])).status).toBe(200);
  });
  it("a second server on the file is allowed, and both see what the other wrote", async () => {
    served = await serve(file);
    const other = await serve(file);
    expect((await post(served.url, [opened()])).status).toBe(200);
    const seen = (await (await fetch(`${other.url}/api/health`)).json()) as { entries: number };
    expect(seen.entries).toBe(1);
    await stop(other, "SIGTERM");
  });
  it("the file by itself is whole after a clean stop", async () => {
    await firmWith(4);
    expect(existsSync(`${file}-wal`)).toBe(false);
    expect(entriesIn(file)).toBe(4);
  });
  it("entries from a clock that is days ahead are refused, with what to do", async () => {
    served = await serve(file);
    const inDays = (d: number) => new Date(Date.now() + d * 86_400_000).toISOString();
    const refused = await post(served.url, [{ ...opened(), at: inDays(2) }]);
    expect([refused.status, refused.body.error?.code]).toEqual([422, "clock-ahead"]);
    expect((await post(served.url, [{ ...opened(), at: inDays(0.5) }])).status).toBe(200);
    expect((await post(served.url, [{ ...opened(), at: "9999-01-01T00:00:00.000Z" }])).status).toBe(400);
  });
  it("striking a round with panes on it is asked twice", async () => {
    served = await serve(file);
    const round = opened();
    const { round: id } = round.about as { round: string };
    const pane = uuidv7();
    const added = { round: id, address: "A", opening: "O", light: "", system: "timber-putty", side: "outside" };
    expect((await post(served.url, [round, entry({ pane }, "pane.added", added)])).status).toBe(200);
    const strike = entry({ round: id }, "struck", { entry: round.id, reason: "wrong street" });
    const first = await post(served.url, [strike]);
    expect([first.status, first.body.error?.code]).toEqual([409, "strikes-round"]);
    expect(first.body.error?.message).toMatch(/takes its 1 pane off every list/);
    expect((await post(served.url, [strike], { sure: true })).status).toBe(200);
    expect((await fetch(`${served.url}/panes/${pane}/look`)).status).toBe(404);
    const back = entry({ round: id }, "struck", { entry: strike.id, reason: "right after all" });
    expect((await post(served.url, [back])).status).toBe(200);
    expect((await fetch(`${served.url}/panes/${pane}/look`)).status).toBe(200);
  });
});

describe("copies", () => {
  it("are made while it is in use, opened and checked, and brought back", async () => {
    served = await serve(file);
    for (let i = 0; i < 5; i++) await post(served.url, [opened(`R${i}`)]);
    const made = (await (
      await fetch(`${served.url}/api/backups`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: "{}",
      })
    ).json()) as { name: string; entries: number };
    expect(made.entries).toBe(5);
    const copy = join(folder, "copies", made.name);
    expect(entriesIn(copy)).toBe(5);
    await post(served.url, [opened("later")]);
    const under = run("restore", copy);
    expect([under.ok, under.says]).toEqual([false, expect.stringMatching(/is being served .*stop the server first/)]);
    await stop(served, "SIGTERM");
    const back = run("restore", copy);
    expect(back.says).toMatch(/5 entries and 0 photos\. What was there is now/);
    served = await serve(file);
    expect(await (await fetch(`${served.url}/api/health`)).json()).toMatchObject({ entries: 5 });
  });
  it("a damaged or newer copy is refused, and the firm's file stays as it was", async () => {
    await firmWith(2);
    run("backup", join(folder, "good.copy"));
    const spoilt = join(folder, "spoilt.copy");
    const bytes = readFileSync(join(folder, "good.copy"));
    bytes.fill(0x5a, 4096, 4096 * 8);
    writeFileSync(spoilt, bytes);
    expect(run("restore", spoilt)).toMatchObject({ ok: false, says: expect.stringMatching(/damaged/) });
    const newer = join(folder, "newer.copy");
    writeFileSync(newer, readFileSync(join(folder, "good.copy")));
    const db = new Database(newer);
    db.prepare("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('x', 99999999999999)").run();
    db.close();
    expect(run("restore", newer)).toMatchObject({ ok: false, says: expect.stringMatching(/newer version/) });
    expect(run("restore", join(folder, "nothing.copy")).says).toMatch(/There is no copy/);
    expect(entriesIn(file)).toBe(2);
  });
  it("only so many are kept, and the oldest go first", async () => {
    await firmWith(1);
    const { makeCopy } = await import("../../src/db/copies.mjs");
    for (let d = 1; d <= 5; d++) await makeCopy(file, { now: new Date(`2026-05-0${d}T03:00:00Z`), keep: 3 });
    const names = readdirSync(join(folder, "copies"));
    expect(names.map((name) => name.slice(-21, -13)).sort()).toEqual(["20260503", "20260504", "20260505"]);
    expect(statSync(join(folder, "copies", names[0] ?? "")).size).toBeGreaterThan(4096);
  });
});
