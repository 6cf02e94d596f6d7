import { describe, expect, it } from "vitest";
import type { Way } from "../measure/ways.ts";
import type { GlassKind } from "../specify/glass.ts";
import type { SafetyVerdict } from "../specify/safety.ts";
import { mm } from "../units/length.ts";
import { isUnsafe } from "./safety-here.ts";

const verdict = (kind: SafetyVerdict["kind"]): SafetyVerdict => ({ kind }) as SafetyVerdict;

describe("whether what is chosen is no safety glass where it is called for", () => {
  it.each<[string, SafetyVerdict["kind"] | null, GlassKind, number, boolean]>([
    ["called for, clear float", "needed", "float", 6, true],
    ["called for, patterned", "needed", "patterned", 6, true],
    ["called for, toughened", "needed", "toughened", 4, false],
    ["called for, laminated", "needed", "laminated", 6.4, false],
    ["a small pane, float of 6", "small-pane-6mm", "float", 6, false],
    ["a small pane, float of 5", "small-pane-6mm", "float", 5, true],
    ["a small pane, toughened 4", "small-pane-6mm", "toughened", 4, false],
    ["not called for", "not-needed", "float", 3, false],
    ["nobody knows yet", "not-known", "float", 3, false],
    ["not sized yet", null, "float", 3, false],
  ])("%s: %s", (_, kind, glass, thick, is) =>
    expect(
      isUnsafe({ way: "rebate", insertSafe: null }, { line: null }, kind && verdict(kind), {
        kind: glass,
        thickness: mm(thick),
      }),
    ).toBe(is),
  );
  it.each<[string, Way, boolean | null, SafetyVerdict["kind"], boolean]>([
    ["an insert chosen safe", "insert-outside", true, "needed", false],
    ["an insert chosen ordinary", "insert-outside", false, "needed", true],
    ["nobody said of it", "insert-inside", null, "needed", true],
    ["a small one, nobody said", "insert-inside", null, "small-pane-6mm", true],
    ["not called for", "insert-inside", null, "not-needed", false],
  ])("%s: its maker's glass counts", (_, way, insertSafe, kind, is) =>
    expect(isUnsafe({ way, insertSafe }, { line: null }, verdict(kind), { kind: "toughened", thickness: mm(10) })).toBe(
      is,
    ),
  );
});
