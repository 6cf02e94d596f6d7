import { describe, expect, it } from "vitest";
import type { System } from "../frame/systems.ts";
import type { PaneBook } from "./book.ts";
import { stateName } from "./read-from.ts";

const held = (system: System, more: { unsaid?: true; detail?: object } = {}): Pick<PaneBook, "added" | "before"> =>
  ({
    added: { system, ...(more.unsaid && { unsaid: true }) },
    before: { detail: more.detail ?? {} },
  }) as Pick<PaneBook, "added" | "before">;

describe("the state in which the edge is seen is called by what holds the glass", () => {
  it.each([
    ["timber-putty", {}, "{putty} out"],
    ["timber-bead", {}, "{beads} off"],
    ["plastic-bead-inside", {}, "{beads} off"],
    ["plastic-no-bead", {}, "sash apart"],
    ["cassette", {}, "halves apart"],
    ["compression-moulding", {}, "mouldings off"],
    ["metal-frame", { detail: { metal: "compound" } }, "{putty} out"],
    ["metal-frame", { detail: { metal: "beads" } }, "{beads} off"],
    ["timber-putty", { unsaid: true }, "edge bared"],
  ] as const)("%s %j: %s", (system, more, name) => expect(stateName(held(system, more), "beads-off")).toBe(name));

  it("and the other states as everywhere", () => {
    expect(stateName(held("timber-putty"), "cleared")).toBe("cleared {rebate}");
    expect(stateName(held("cassette"), "guess")).toBe("a guess");
  });
});
