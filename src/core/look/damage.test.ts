import { describe, expect, it } from "vitest";
import { toldPane } from "../../../tests/support/told-pane.ts";
import { say } from "../words/dialect.ts";
import { CAUSES, type Cause, causeClause, comesAgain, type Damage, hasFailed, isForLooks } from "./damage.ts";

describe("why a pane is changed, in a sentence", () => {
  it.each<[Cause, string]>([
    ["hail", "It failed by hail"],
    ["packing", "It failed by packers wrong, missing, or under one sheet"],
    ["age", "It failed by age: its seal or bed was done"],
    ["wish", "It was changed for its looks"],
    ["unknown", "It failed, nobody knows by what"],
  ])("%s", (cause, says) => expect(say(`It ${causeClause(cause)}`, "a")).toBe(says));

  it("whoever wants another, and who knows nothing, foretells nothing of the next", () => {
    expect(CAUSES.filter((c) => !comesAgain(c))).toEqual(["wish", "unknown"]);
  });
});

describe("what failed", () => {
  it.each<[string, readonly Damage[], boolean, boolean]>([
    ["nothing said", [], false, false],
    ["changed for its looks", ["looks"], false, true],
    ["not safety glass", ["wrong-glass"], false, false],
    ["both", ["looks", "wrong-glass"], false, false],
    ["cracked, and another wanted", ["looks", "cracked"], true, false],
    ["a draught", ["draught"], true, false],
  ])("%s", (_, damage, failed, looks) => {
    expect(hasFailed(damage)).toBe(failed);
    expect(isForLooks(damage)).toBe(looks);
  });
});

describe("changed for its looks is why: it is not asked again", () => {
  const cause = (damage: readonly Damage[], told?: Cause) => {
    return toldPane((t) => {
      t.tell("look.damage", { damage });
      if (told) t.tell("look.cause", { cause: told });
    }).cause;
  };
  it.each<[string, readonly Damage[], Cause | undefined, Cause | null]>([
    ["nothing said", [], undefined, null],
    ["looks", ["looks"], undefined, "wish"],
    ["cracked too", ["looks", "cracked"], undefined, null],
    ["looks, and somebody says age", ["looks"], "age", "age"],
  ])("%s", (_, damage, told, is) => expect(cause(damage, told)).toBe(is));
});
