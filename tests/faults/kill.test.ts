import Database from "better-sqlite3";
import { v7 as uuidv7 } from "uuid";
import { afterAll, describe, expect, it } from "vitest";
import { createDatabase } from "../../src/db/database.ts";
import { allEntries } from "../../src/db/entry-log.ts";
import { rebuild } from "../../src/db/projection.ts";
import { panes } from "../../src/db/schema.ts";
import { freshFile, type Served, serve, stop } from "./server.ts";

const round = uuidv7();
const stamp = () => new Date().toISOString();
const opened = () => ({
  id: uuidv7(),
  at: stamp(),
  who: "Test",
  about: { round },
  kind: "round.opened",
  payload: { name: "R", place: "" },
});
const added = (pane: string) => ({
  id: uuidv7(),
  at: stamp(),
  who: "Test",
  about: { pane },
  kind: "pane.added",
  payload: { round, address: "A", opening: "O", light: "", system: "timber-putty", side: "outside" },
});
const reading = (pane: string, n: number) => ({
  id: uuidv7(),
  at: stamp(),
  who: "Test",
  about: { pane },
  kind: "measure.reading",
  payload: { place: "width-top", text: String(500 + n), unit: "mm" },
});

const post = (url: string, entries: readonly object[]) =>
  fetch(`${url}/api/entries`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ entries }),
  });

/** KILLS=200 makes a long evening of it. */
const KILLS = Number(process.env["KILLS"] ?? 3);

describe("the server killed in the middle of a stream of writes", () => {
  let served: Served | undefined;
  afterAll(() => served && stop(served, "SIGKILL").catch(() => undefined));

  it("loses nothing it acknowledged, keeps no half batch, and leaves a sound file", async () => {
    const file = freshFile("kill");
    const acknowledged = new Set<string>();
    const batches: string[][] = [];
    for (let kill = 0; kill < KILLS; kill++) {
      served = await serve(file);
      const { url } = served;
      if (kill === 0) expect((await post(url, [opened()])).status).toBe(200);
      const killAfter = 25 + (kill % 7) * 20;
      let sent = 0;
      const stream = Array.from({ length: 4 }, async () => {
        for (;;) {
          const pane = uuidv7();
          const batch = [added(pane), reading(pane, 1), reading(pane, 2)];
          batches.push(batch.map((e) => e.id));
          try {
            const answer = await post(url, batch);
            if (!answer.ok) return;
            for (const e of batch) acknowledged.add(e.id);
            sent++;
          } catch {
            return;
          }
          if (sent >= killAfter && served?.process.exitCode === null) served.process.kill("SIGKILL");
        }
      });
      await Promise.all(stream);
      expect(sent).toBeGreaterThanOrEqual(killAfter);
    }
    const sqlite = new Database(file);
    expect(sqlite.pragma("integrity_check", { simple: true })).toBe("ok");
    expect(sqlite.pragma("foreign_key_check")).toEqual([]);
    sqlite.close();

    const db = createDatabase(file);
    const stored = new Set(allEntries(db).map((e) => e.id));
    expect([...acknowledged].filter((id) => !stored.has(id))).toEqual([]);
    for (const batch of batches) expect([0, 3]).toContain(batch.filter((id) => stored.has(id)).length);
    const before = db.select().from(panes).orderBy(panes.id).all();
    db.transaction((tx) => rebuild(tx));
    expect(db.select().from(panes).orderBy(panes.id).all()).toEqual(before);
    db.$client.close();
  });

  it("ends by itself on SIGTERM, and all is still there when it starts again", async () => {
    const file = freshFile("restart");
    served = await serve(file);
    const pane = uuidv7();
    expect((await post(served.url, [opened(), added(pane), reading(pane, 7)])).status).toBe(200);
    expect(await stop(served, "SIGTERM")).toBe(0);
    served = await serve(file);
    const again = (await (await fetch(`${served.url}/api/entries?pane=${pane}`)).json()) as {
      entries: { payload: { text?: string } }[];
    };
    expect(again.entries.map((e) => e.payload.text)).toEqual([undefined, "507"]);
    expect((await fetch(`${served.url}/panes/${pane}/measure`)).status).toBe(200);
  });
});
