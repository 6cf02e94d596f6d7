import { describe, expect, it } from "vitest";
import { cameInTheClear } from "./plain-http.mjs";

const PUBLIC = "https://panes.example";
const asked = (over: Partial<Parameters<typeof cameInTheClear>[0]> = {}) => ({
  host: "panes.example",
  proto: undefined,
  from: "127.0.0.1",
  ...over,
});

describe("asked in the clear", () => {
  it.each([
    ["through a proxy that was asked by TLS", { proto: "https" }, false],
    ["through a proxy that was asked in the clear", { proto: "http" }, true],
    ["through two, the first of them in the clear", { proto: "http, https" }, true],
    ["through two, the first of them by TLS", { proto: "HTTPS, http" }, false],
    ["through one that does not say: it is on this machine", {}, false],
    ["the same by the newer address", { from: "::ffff:127.0.0.1" }, false],
    ["past the proxy, from elsewhere", { from: "192.0.2.7" }, true],
    ["past it, with a port in the name", { host: "panes.example:4321", from: "192.0.2.7" }, true],
    ["by loopback's own name", { host: "127.0.0.1:4321", proto: "http" }, false],
  ] as const)("%s", (_, over, is) => expect(cameInTheClear(asked(over), PUBLIC)).toBe(is));
  it.each([undefined, "", "not an address", "http://panes.example"])(
    "nothing is asked where TLS is not said: %s",
    (url) => expect(cameInTheClear(asked({ proto: "http", from: "192.0.2.7" }), url)).toBe(false),
  );
});
