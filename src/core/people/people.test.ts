import { describe, expect, it } from "vitest";
import { KINDS, type Kind } from "../log/kinds.ts";
import { passwordFault, pinGuessed } from "./account-rules.ts";
import { MAY, may, writing } from "./may.ts";
import { ROLES } from "./role.ts";

describe("who may do what", () => {
  it.each([
    ["guest", "read-round", true],
    ["guest", "read-firm", false],
    ["guest", "write-work", false],
    ["glazier", "write-work", true],
    ["glazier", "write-firm", false],
    ["glazier", "take-out", false],
    ["office", "write-firm", true],
    ["office", "people", false],
    ["owner", "people", true],
    ["owner", "take-out", true],
  ] as const)("%s, %s: %s", (role, doing, allowed) => {
    expect(may(role, doing)).toBe(allowed);
  });

  it("gives each role no more than the one above it", () => {
    const order = ["guest", "glazier", "office", "owner"] as const;
    for (const roles of Object.values(MAY)) {
      const least = order.findIndex((r) => roles.includes(r));
      expect(order.slice(least).every((r) => roles.includes(r))).toBe(true);
    }
    expect([...order].sort()).toEqual([...ROLES].sort());
  });

  it.each([
    ["house.rule", "write-firm"],
    ["supplier.terms", "write-firm"],
    ["firm.details", "write-firm"],
    ["customer.forgotten", "take-out"],
    ["measure.reading", "write-work"],
    ["struck", "write-work"],
    ["round.opened", "write-work"],
  ] as const)("%s is %s", (kind, is) => {
    expect(writing(kind)).toBe(is);
  });

  it("knows every kind", () => {
    for (const kind of Object.keys(KINDS) as Kind[])
      expect(["write-work", "write-firm", "take-out"]).toContain(writing(kind));
  });
});

describe("a password", () => {
  it.each([
    ["elevenlong!", "Nell", { kind: "short", least: 12 }],
    ["passwordpassword", "Nell", { kind: "guessed" }],
    ["Nell Harrow 1", "Nell Harrow", { kind: "guessed" }],
    ["aaaaaaaaaaaaaa", "Nell", { kind: "guessed" }],
    ["putty knife on sill", "Nell Harrow", null],
    ["ťažké heslo z okna", "Nell", null],
  ])("%s: %j", (typed, name, fault) => {
    expect(passwordFault(typed, name)).toEqual(fault);
  });
});

describe("a PIN", () => {
  it.each([
    ["1234", true],
    ["0000", true],
    ["9876", true],
    ["2580", false],
    ["4711", false],
  ])("%s is tried first: %s", (pin, is) => {
    expect(pinGuessed(pin)).toBe(is);
  });
});
