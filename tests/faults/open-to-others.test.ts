import { afterAll, describe, expect, it } from "vitest";
import { freshFile, refusesToStart, type Served, serve, stop } from "./server.ts";

const started: Served[] = [];
afterAll(async () => {
  for (const s of started) await stop(s, "SIGKILL");
});

describe("an address that others can reach", () => {
  it.each(["0.0.0.0", "::", "192.0.2.7"])(
    "%s is refused while nobody has to sign in, and it says why",
    async (host) => {
      const { code, says } = await refusesToStart(freshFile("open"), { HOST: host });
      expect(code).toBe(1);
      expect(says).toMatch(/nobody has to sign in.*OPEN_TO_ALL=yes/s);
    },
  );
  it.each(["true", "1", ""])("is not opened by another word: %s", async (said) => {
    const { code } = await refusesToStart(freshFile("open"), { HOST: "0.0.0.0", OPEN_TO_ALL: said });
    expect(code).toBe(1);
  });
  it("is served where that was said plainly", async () => {
    const served = await serve(freshFile("opened"), { HOST: "0.0.0.0", OPEN_TO_ALL: "yes" });
    started.push(served);
    const port = new URL(served.url).port;
    expect((await fetch(`http://127.0.0.1:${port}/api/health`)).status).toBe(200);
  });
});
