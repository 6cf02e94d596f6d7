import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

/** A window with nothing but what is listened to. */
class Listening extends EventTarget {}

describe("waiting for hands to be still", () => {
  let there: Listening;
  let handsStill: () => Promise<void>;
  beforeEach(async () => {
    vi.useFakeTimers({ toFake: ["setTimeout", "performance"] });
    there = new Listening();
    vi.stubGlobal("window", there);
    // It remembers when somebody moved last: each test has one that remembers nothing.
    vi.resetModules();
    ({ handsStill } = await import("./hands-still.ts"));
    void handsStill();
    await vi.advanceTimersByTimeAsync(30_000);
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  const settled = async (after: number): Promise<boolean> => {
    let done = false;
    void handsStill().then(() => {
      done = true;
    });
    await vi.advanceTimersByTimeAsync(after);
    return done;
  };

  it("is no wait where nobody moved", async () => expect(await settled(0)).toBe(true));

  it.each(["wheel", "scroll", "touchmove", "keydown"])("waits a little after a %s", async (move) => {
    there.dispatchEvent(new Event(move));
    expect(await settled(200)).toBe(false);
    await vi.advanceTimersByTimeAsync(200);
    expect(await settled(0)).toBe(true);
  });

  it("ends by itself where somebody scrolls on and on", async () => {
    let done = false;
    there.dispatchEvent(new Event("wheel"));
    void handsStill().then(() => {
      done = true;
    });
    for (let at = 0; at < 14_000; at += 200) {
      there.dispatchEvent(new Event("wheel"));
      await vi.advanceTimersByTimeAsync(200);
    }
    expect(done).toBe(false);
    for (let at = 0; at < 2000; at += 200) {
      there.dispatchEvent(new Event("wheel"));
      await vi.advanceTimersByTimeAsync(200);
    }
    expect(done).toBe(true);
    await vi.advanceTimersByTimeAsync(400);
  });
});
