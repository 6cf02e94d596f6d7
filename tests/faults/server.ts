import { type ChildProcess, spawn } from "node:child_process";
import { once } from "node:events";
import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

export type Served = { readonly url: string; readonly process: ChildProcess; readonly file: string };

/** A file of one's own, fresh. */
export function freshFile(name: string): string {
  const file = join(tmpdir(), `plain-pane-${name}-${process.pid}.sqlite`);
  for (const tail of ["", "-wal", "-shm", ".servers", ".closed"]) rmSync(file + tail, { force: true });
  return file;
}

/** Starts the built server on a free port and waits until it says where it is. */
export async function serve(
  file: string,
  more: Readonly<Record<string, string>> = {},
  from = process.cwd(),
): Promise<Served> {
  const child = spawn("node", ["server.mjs"], {
    cwd: from,
    env: { ...process.env, DATABASE_FILE: file, PORT: "0", PLAIN_PANE_TODAY: "2026-05-20", BACKUPS: "off", ...more },
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

/** What a server that will not start says, and how it ends. */
export async function refusesToStart(
  file: string,
  more: Readonly<Record<string, string>> = {},
): Promise<{ readonly code: number | null; readonly says: string }> {
  const child = spawn("node", ["server.mjs"], {
    env: { ...process.env, DATABASE_FILE: file, PORT: "0", BACKUPS: "off", ...more },
    stdio: ["ignore", "pipe", "pipe"],
  });
  let says = "";
  child.stderr.on("data", (d) => {
    says += String(d);
  });
  child.stdout.on("data", (d) => {
    // It started after all: that is told, and ended.
    if (String(d).includes("Plain Pane is at")) child.kill("SIGKILL");
  });
  const [code] = (await once(child, "exit")) as [number | null];
  return { code, says: says.trim() };
}

export async function stop(served: Served, signal: "SIGTERM" | "SIGKILL"): Promise<number | null> {
  const ended = once(served.process, "exit");
  served.process.kill(signal);
  const [code] = (await ended) as [number | null];
  return code;
}
