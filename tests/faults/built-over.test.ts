import { cpSync, mkdtempSync, readdirSync, rmSync, symlinkSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, expect, it } from "vitest";
import { serve, stop } from "./server.ts";

/** An application of its own, so that taking its files away takes them from nobody else. */
const root = mkdtempSync(join(tmpdir(), "plain-pane-built-over-"));
afterEach(() => rmSync(root, { recursive: true, force: true }));

it("goes on serving pages where a file of the build is gone", async () => {
  for (const own of ["server.mjs", "dist", "package.json", "src"])
    cpSync(join(process.cwd(), own), join(root, own), { recursive: true });
  for (const linked of ["node_modules", "scripts"]) symlinkSync(join(process.cwd(), linked), join(root, linked));
  const served = await serve(join(root, "data", "firm.sqlite"), {}, root);
  try {
    const scripts = readdirSync(join(root, "dist/client/_astro")).filter((f) => f.endsWith(".js"));
    const [gone = "", there = ""] = scripts;
    const packed = { headers: { "accept-encoding": "identity" } };
    expect((await fetch(`${served.url}/_astro/${gone}`, packed)).status).toBe(200);
    rmSync(join(root, "dist/client/_astro", gone));
    // Its head may have been sent: what comes of that one request is an error of some kind, and not the end of the server.
    const asked = await fetch(`${served.url}/_astro/${gone}`, { ...packed, signal: AbortSignal.timeout(3000) }).then(
      (answer) => answer.text(),
      (error: unknown) => String(error),
    );
    expect(asked).not.toContain("<html");
    expect(served.process.exitCode).toBeNull();
    expect((await fetch(`${served.url}/_astro/${there}`, packed)).status).toBe(200);
    expect((await fetch(`${served.url}/`)).status).toBe(200);
  } finally {
    await stop(served, "SIGKILL");
  }
});
