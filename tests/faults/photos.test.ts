import sharp from "sharp";
import { afterAll, describe, expect, it } from "vitest";
import { freshFile, type Served, serve, stop } from "./server.ts";

describe("a photo and a server that is killed", () => {
  let served: Served | undefined;
  afterAll(() => served && stop(served, "SIGKILL").catch(() => undefined));

  it("what was acknowledged is there after a restart, to the byte", async () => {
    const file = freshFile("photo");
    served = await serve(file);
    const id = crypto.randomUUID();
    const jpeg = await sharp({ create: { width: 320, height: 240, channels: 3, background: "#445566" } })
      .jpeg()
      .toBuffer();
    const sent = await fetch(`${served.url}/api/photos/${id}`, {
      method: "PUT",
      headers: { "content-type": "image/jpeg" },
      body: new Uint8Array(jpeg),
    });
    expect(sent.status).toBe(200);
    const before = Buffer.from(await (await fetch(`${served.url}/api/photos/${id}`)).arrayBuffer());
    await stop(served, "SIGKILL");
    served = await serve(file);
    const after = await fetch(`${served.url}/api/photos/${id}`);
    expect(after.headers.get("content-security-policy")).toContain("sandbox");
    expect(Buffer.from(await after.arrayBuffer()).equals(before)).toBe(true);
    expect((await fetch(`${served.url}/api/photos/${crypto.randomUUID()}`)).status).toBe(404);
    await stop(served, "SIGTERM");
    served = undefined;
  }, 60_000);
});
