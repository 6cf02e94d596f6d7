// biome-ignore-all lint/suspicious/noTemplateCurlyInString: what stands in strings here is the source of another program
import { join, relative } from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";
import { leaksOf } from "../support/template-flow.ts";

const ROOT = join(import.meta.dirname, "../..");

/** Where the words are filled in: there a text with {words} becomes one that is read. */
const FILLS = "src/core/words/dialect.ts";

const options = (): ts.CompilerOptions => {
  const read = ts.readConfigFile(join(ROOT, "tsconfig.json"), ts.sys.readFile);
  return ts.parseJsonConfigFileContent(read.config, ts.sys, ROOT).options;
};

/** A program of some files of the source, or of one made up for a test. */
const programOf = (roots: readonly string[], own?: { readonly name: string; readonly text: string }): ts.Program => {
  const set = options();
  const host = ts.createCompilerHost(set);
  const { getSourceFile, fileExists, readFile } = host;
  if (own) {
    host.fileExists = (name) => name === own.name || fileExists(name);
    host.readFile = (name) => (name === own.name ? own.text : readFile(name));
    host.getSourceFile = (name, ...by) =>
      name === own.name
        ? ts.createSourceFile(name, own.text, ts.ScriptTarget.Latest, true)
        : getSourceFile(name, ...by);
  }
  return ts.createProgram({ rootNames: own ? [own.name] : roots, options: set, host });
};

describe("a text with {words} never reaches anybody as it stands", () => {
  const made = join(ROOT, "src/core/words/made-up-for-a-test.ts");
  const head = `
    import type { Template } from "../text/template.ts";
    import { say } from "./dialect.ts";
    type Step = { readonly does: Template; readonly id: string };
    declare const step: Step;
    declare function print(text: string): void;
  `;
  it.each<[string, string, readonly string[]]>([
    ["said", `print(say(step.does, "a"));`, []],
    ["printed as it is", `print(step.does);`, ["step.does"]],
    ["with something before it", "print(`First: ${step.does}`);", ["`First: ${step.does}`"]],
    ["or that, said", 'print(say(`First: ${step.does}`, "b"));', []],
    ["joined", `print([step.does].join("; "));`, [`[step.does].join("; ")`]],
    ["by way of a name", "const t = `First: ${step.does}`; print(t);", ["t"]],
    ["or of a choice", `print(step.id === "" ? "nothing" : step.does);`, [`step.id === "" ? "nothing" : step.does`]],
    ["set down where a template is kept", `export const s: Step = { does: "Lift the {bead}.", id: "x" };`, []],
    ["set down where a text is", `export const s: Step = { does: "", id: "the {bead}" };`, [`"the {bead}"`]],
    ["given back as a text", `export const f = (): string => "Lift the {bead}.";`, [`"Lift the {bead}."`]],
    ["given back as a template", `export const f = (): Template => "Lift the {bead}.";`, []],
    ["in an object nobody said the kind of", `export const all = { x: "Lift the {bead}." };`, [`"Lift the {bead}."`]],
    ["of a list, one by one", "for (const t of [step].map((s) => s.does)) print(t);", ["t"]],
    ["by its own name, where a text is kept", "const id = step.does; export const s: Step = { does: '', id };", ["id"]],
    ["by its own name, where a template is", "const does = step.does; export const s: Step = { does, id: '' };", []],
    ["what has no words in it", `print(step.id);`, []],
  ])("%s", (_, text, found) => {
    const name = made;
    const program = programOf([], { name, text: `${head}\n${text}` });
    expect(leaksOf(program, (f) => f === name).map((l) => l.text)).toEqual(found);
  });

  it("in the whole of the source", () => {
    const files = ts.sys.readDirectory(join(ROOT, "src"), [".ts", ".tsx"]).filter((f) => !/\.test\.tsx?$/.test(f));
    const looked = new Set(files.filter((f) => relative(ROOT, f) !== FILLS));
    expect(looked.size).toBeGreaterThan(1000);
    const found = leaksOf(programOf(files), (f) => looked.has(f));
    expect(found.map((l) => `${relative(ROOT, l.file)}:${l.line}: ${l.text}`)).toEqual([]);
  }, 400_000);
});
