import { describe, expect, it } from "vitest";
import { pageKey } from "./kept-pages.ts";

const key = (path: string, method = "GET", cookie = ""): string | null =>
  pageKey(new Request(`http://127.0.0.1:4321${path}`, { method, headers: { cookie } }));

describe("which pages are sent as they were", () => {
  it.each(["/api/entries", "/people", "/account", "/sign-in", "/invite/abc", "/learn", "/learnt"])(
    "%s never: it is one person's own, or changes without an entry",
    (path) => expect(key(path)).toBeNull(),
  );
  it.each(["/", "/orders", "/learning-of-another-kind", "/panes/1/look"])("%s", (path) =>
    expect(key(path)).not.toBeNull(),
  );
  it("what is written is not a page", () => expect(key("/orders", "POST")).toBeNull());
  it("each reader has their own, by unit, words and name", () => {
    const keys = ["", "unit=in", "dialect=b", "who=Bram", "who=Nell"].map((c) => key("/", "GET", c));
    expect(new Set(keys).size).toBe(keys.length);
  });
});
