import { type ChildProcess, spawn } from "node:child_process";
import { once } from "node:events";
import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

export type Served = { readonly url: string; readonly process: ChildProcess; readonly file: string };

/** A file of one's own, fresh. */
export function freshFile(name: string): string {
  const file = join(tmpdir(), `plain-pane-${name}-${process.pid}.sqlite`);
  for (const tail of ["", "-wal", "-shm"]) rmSync(file + tail, { force: true });
  return file;
}

/** Starts the built server on a free port and waits until it says where it is. */
export async function serve(file: string): Promise<Served> {
  const child = spawn("node", ["server.mjs"], {
    env: { ...process.env, DATABASE_FILE: file, PORT: "0", PLAIN_PANE_TODAY: "2026-05-20" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  let text = "";
  for await (const chunk of child.stdout) {
    text += String(chunk);
    const url = /http:\S+?(?=\/\s)/.exec(text)?.[0];
    if (url) return { url, process: child, file };
  }
  throw new Error(`the server ended before it listened: ${text}`);
}

export async function stop(served: Served, signal: "SIGTERM" | "SIGKILL"): Promise<number | null> {
  const ended = once(served.process, "exit");
  served.process.kill(signal);
  const [code] = (await ended) as [number | null];
  return code;
}
