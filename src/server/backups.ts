import { execFile } from "node:child_process";
import { join } from "node:path";
import { promisify } from "node:util";
import { z } from "zod";
import { fail, ok } from "../core/result.ts";
import { copiesOf } from "../db/copies.mjs";
import type { Outcome } from "./http/endpoint.ts";

const run = promisify(execFile);
const Made = z.object({ name: z.string(), bytes: z.int(), entries: z.int(), photos: z.int() });
export type MadeCopy = z.output<typeof Made>;

const LONGEST_MS = 300_000;
const firmFile = (): string => process.env["DATABASE_FILE"] ?? "data/plain-pane.sqlite";

/** Makes a copy in a process of its own, so that nobody waits while a large file is read twice. */
export async function makeBackup(): Promise<Outcome<MadeCopy>> {
  const script = join(process.env["PLAIN_PANE_ROOT"] ?? ".", "scripts/backup.mjs");
  try {
    const { stdout } = await run(process.execPath, [script, "--json"], { env: process.env, timeout: LONGEST_MS });
    return ok(Made.parse(JSON.parse(stdout)));
  } catch (error) {
    const said = error instanceof Error && "stderr" in error ? String(error.stderr).trim().split("\n").at(-1) : "";
    return fail({
      status: 503,
      code: "no-copy",
      message: said || "The copy was not made. Look whether there is room.",
    });
  }
}

/** Copies there are, the newest first. */
export const listBackups = (): Outcome<{ name: string; day: string; bytes: number }[]> =>
  ok(copiesOf(firmFile()).map(({ name, day, bytes }) => ({ name, day, bytes })));
