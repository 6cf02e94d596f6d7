import { readdirSync, readFileSync } from "node:fs";
import { basename, join, relative } from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";

const ROOT = join(import.meta.dirname, "../..");

/** Names of parameters that say nothing of what is handed over. */
const EMPTY_PARAMETERS = new Set(["of"]);
/** Names of files that say nothing of what stands in them. */
const EMPTY_FILES = /^(utils?|helpers?|misc|common|index|types|sure|chosen|against|before-here)\.tsx?$/;

const sources = (): readonly string[] =>
  ["src", "tests", "bench", "scripts"].flatMap((dir) =>
    readdirSync(join(ROOT, dir), { recursive: true, withFileTypes: true }).flatMap((f) =>
      f.isFile() && /\.tsx?$/.test(f.name) ? [join(f.parentPath, f.name)] : [],
    ),
  );

/** The parameters of one text that are called by a name that says nothing, by their lines. */
function emptyParameters(name: string, text: string): readonly number[] {
  if (![...EMPTY_PARAMETERS].some((n) => new RegExp(`\\b${n}\\s*[:?,)=]`).test(text))) return [];
  const file = ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true);
  const found: number[] = [];
  const look = (node: ts.Node): void => {
    if (ts.isParameter(node) && ts.isIdentifier(node.name) && EMPTY_PARAMETERS.has(node.name.text))
      found.push(file.getLineAndCharacterOfPosition(node.getStart()).line + 1);
    ts.forEachChild(node, look);
  };
  look(file);
  return found;
}

describe("names say what they are of", () => {
  it.each<[string, string, readonly number[]]>([
    ["a function's", "const area = (of: Size) => of.width;", [1]],
    ["one of two, on its own line", "function f(\n  size: Size,\n  of: number,\n) {}", [3]],
    ["a loop's is none", "for (const size of sizes) add(size);", []],
    ["nor a property", "type P = { readonly of: string };", []],
  ])("%s", (_, text, lines) => expect(emptyParameters("made-up.ts", text)).toEqual(lines));

  it("no parameter is called by a name that says nothing", () => {
    const files = sources();
    expect(files.length).toBeGreaterThan(1500);
    const found = files.flatMap((f) =>
      emptyParameters(f, readFileSync(f, "utf8")).map((line) => `${relative(ROOT, f)}:${line}`),
    );
    expect(found).toEqual([]);
  }, 60_000);

  it("nor is a file", () => {
    const found = sources().filter((f) => EMPTY_FILES.test(basename(f)) && !f.includes(join("src", "pages")));
    expect(found.map((f) => relative(ROOT, f))).toEqual([]);
  });
});
