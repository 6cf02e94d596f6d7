import { readdirSync, readFileSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";

const SRC = join(import.meta.dirname, "../../src");

/** Words that are others in the second dialect: they stand in braces wherever a person reads them. */
const OF_ONE_DIALECT =
  /(^|[^{\w-])(beads?|sprigs?|putty|packers?|rebates?|toughened|sealed units?|glazing bars?)\b(?!\})/i;

/** Where the work itself is told, a pane is a word of one dialect too. */
const OF_THE_WORK = ["finish", "look", "practice", "ready", "refurbish", "set", "takeout"].map((f) => `core/${f}/`);
const A_PANE = /(^|[^{\w-])panes?\b(?!\})/i;

/** What is said alike in both, or is another thing by the same name: a line of sealant, what dries a unit, a tool. */
const ALIKE = [
  /putty kni(fe|ves)/gi,
  /drying beads/gi,
  /unbroken bead/gi,
  /beads? of sealant/gi,
  /a bead too far/gi,
  /^A bead of$/g,
  /The bead runs/g,
  /\bmm bead/g,
];

/** Files that speak of both dialects, or of the beads that dry a unit and no others; and one whose columns are named so. */
const APART = [
  "core/words/dialect.ts",
  "core/refurbish/",
  "core/words/entry/refurbish.ts",
  "islands/ready/Refurbish.tsx",
  "islands/round/FirstStart.tsx",
  "islands/log/Switches.tsx",
  "core/round/openings-table.ts",
];

/** Kept with an entry or told to a program, and not read as a sentence of the page. */
const KEPT = ["bead and sprig", "BS 6262 family, sealed unit", "rebate eased:"];

const files = (folder: string): readonly string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((f) =>
    f.isDirectory()
      ? files(join(folder, f.name))
      : /\.tsx?$/.test(f.name) && !f.name.includes(".test.")
        ? [join(folder, f.name)]
        : [],
  );

/** Texts of a source file in which a person would read: of two words at least. */
function textsOf(name: string, source: string): readonly string[] {
  const out: string[] = [];
  const file = ts.createSourceFile(name, source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node)) return;
    if (
      ts.isStringLiteralLike(node) ||
      ts.isTemplateMiddleOrTemplateTail(node) ||
      ts.isTemplateHead(node) ||
      ts.isJsxText(node)
    ) {
      const text = node.text.replace(/\s+/g, " ").trim();
      if (text.includes(" ")) out.push(text);
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return out;
}

const leaks = (text: string): boolean =>
  !KEPT.some((k) => text.includes(k)) && OF_ONE_DIALECT.test(ALIKE.reduce((t, alike) => t.replace(alike, ""), text));

describe("words of the trade", () => {
  it.each([
    ["Lever the bead off", true],
    ["Lever the {bead} off", false],
    ["two broad putty knives", false],
    ["its {packers} under it, and a packer more", true],
    ["Beads come out first", true],
    ["{Beads} come out first", false],
  ])("%s: leaks %s", (text, is) => expect(leaks(text)).toBe(is));

  it("stand in braces everywhere, so that each reader has their own", () => {
    const found = ["core", "islands"].flatMap((folder) =>
      files(join(SRC, folder)).flatMap((path) => {
        const name = relative(SRC, path);
        if (APART.some((a) => name.startsWith(a))) return [];
        return textsOf(path, readFileSync(path, "utf8")).flatMap((t) => (leaks(t) ? [`${name}: ${t}`] : []));
      }),
    );
    expect(found).toEqual([]);
  });
  it.each(OF_THE_WORK)("a pane stands in braces in %s", (folder) => {
    const found = files(join(SRC, folder)).flatMap((path) =>
      textsOf(path, readFileSync(path, "utf8")).flatMap((t) =>
        A_PANE.test(t.replace(/storm panes?/gi, "")) ? [`${relative(SRC, path)}: ${t}`] : [],
      ),
    );
    expect(found).toEqual([]);
  });
});
