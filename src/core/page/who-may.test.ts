import { describe, expect, it } from "vitest";
import { PANE, Teller } from "../../../tests/support/told.ts";
import { foldPane } from "../pane/book.ts";
import { unlicensedText, wantedOf, whoMay } from "./who-may.ts";

const fireDoorBy = (licensed: string) => {
  const t = new Teller().opened().added();
  t.tell("look.special", { special: ["fire"], licensed });
  const book = foldPane(PANE, t.entries);
  if (!book) throw new Error("no pane");
  return book;
};
const nell = { name: "Nell", skills: ["lead"] };
const osric = { name: "Osric Vane", skills: [] };

describe("who may do what", () => {
  it.each([
    ["nobody named", "", []],
    ["named, with a number", "Osric Vane, no. 7", ["fire"]],
    ["named in other letters", "approved by OSRIC VANE.", ["fire"]],
    ["another of a longer name", "Osric Vanes", []],
    ["somebody from outside", "Hob Carrow, fire doors", []],
  ])("%s: %s", (_, licensed, may) => {
    const [first, second] = whoMay([nell, osric], [fireDoorBy(licensed)]);
    expect(first?.skills).toEqual(["lead"]);
    expect(second?.skills).toEqual(may);
  });

  it("a name with signs of its own is read as it is", () => {
    expect(whoMay([{ name: "O. (Vane)", skills: [] }], [fireDoorBy("O. (Vane), no. 7")])[0]?.skills).toEqual(["fire"]);
  });
});

describe("what a visit wants of whoever does it", () => {
  it.each([
    ["somebody has it", ["lead"], [nell, osric], ["lead"], []],
    ["nobody has it: told, and no day is held", ["fire", "lead"], [nell, osric], ["lead"], ["fire"]],
    ["nobody is said to be trained for ladders: no news", ["height"], [nell], [], []],
    ["no people at all", ["lead"], [], [], ["lead"]],
  ] as const)("%s", (_, skills, people, wanted, nobody) => {
    expect(wantedOf({ skills: [...skills] }, people)).toEqual({ skills: wanted, nobody });
  });

  it.each([
    [[], "", null],
    [
      ["fire"],
      " Hob Carrow ",
      "Nobody on the plan is said to be licensed to work on fire doors and fire-rated glass: it is done or approved by Hob Carrow.",
    ],
    [
      ["lead"],
      "",
      "Nobody on the plan is said to be licensed to work on lead paint: say who is, under who works, or who is asked from outside. Your local rules decide.",
    ],
  ] as const)("%j, %j", (nobody, licensed, says) => expect(unlicensedText(nobody, licensed)).toBe(says));
});
