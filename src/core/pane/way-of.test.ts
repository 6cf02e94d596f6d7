import { expect, it } from "vitest";
import { Teller } from "../../../tests/support/told.ts";
import type { OptionKind } from "../look/options.ts";
import type { Way } from "../measure/ways.ts";
import { wayOf } from "./way-of.ts";

/** What was told, in order: a way of measuring said, or what is to be done chosen. */
type Told = { readonly way: Way } | { readonly option: OptionKind };

const way = (told: readonly Told[], isOpeningRead = false): Way => {
  const t = new Teller();
  for (const one of told)
    if ("way" in one) t.tell("measure.way", { way: one.way });
    else t.tell("look.option", { option: one.option, reason: "" });
  const last = (kind: string) => t.entries.filter((e) => e.kind === kind).at(-1);
  return wayOf(last("measure.way"), last("look.option"), t.entries, isOpeningRead);
};

it.each<[string, readonly Told[], Way]>([
  ["nothing said", [], "rebate"],
  ["glass chosen", [{ option: "glass" }], "rebate"],
  ["as was said", [{ way: "old-unit" }], "old-unit"],
  ["a new sash chosen", [{ option: "sash" }], "sash-outside"],
  ["the rebate said, then a new sash chosen", [{ way: "rebate" }, { option: "sash" }], "sash-outside"],
  ["a new sash chosen, then the old pane said", [{ option: "sash" }, { way: "old-unit" }], "old-unit"],
  ["an insert by its inside, then an insert chosen", [{ way: "insert-inside" }, { option: "insert" }], "insert-inside"],
  ["a sash given up for glass again", [{ option: "sash" }, { option: "glass" }], "rebate"],
  ["a unit opened and closed again", [{ option: "refurbish" }], "old-unit"],
  ["the old glass packed anew", [{ option: "repack" }], "old-unit"],
  ["packed anew, and its rebate said to be read", [{ way: "rebate" }, { option: "repack" }], "rebate"],
])("%s", (_, told, is) => expect(way(told)).toBe(is));

it("whoever read the opening of glass that goes back meant the opening", () =>
  expect(way([{ option: "refurbish" }], true)).toBe("rebate"));
