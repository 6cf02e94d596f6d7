import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { sourcesHash } from "./sources-hash.mjs";

/* Which sources the tables are made by: every change of one is another number, and what makes no table changes nothing. */

const roots: string[] = [];
afterAll(() => {
  for (const root of roots) rmSync(root, { recursive: true, force: true });
});

const write = (root: string, name: string, text: string): void => {
  mkdirSync(join(root, name, ".."), { recursive: true });
  writeFileSync(join(root, name), text);
};

/** A small project, and what its number is before and after something is written. */
function around(name: string, text: string): readonly [before: number, after: number] {
  const root = mkdtempSync(join(tmpdir(), "sources-"));
  roots.push(root);
  write(root, "src/core/size/cut.ts", "export const off = 5;\n");
  write(root, "src/db/projection.ts", "export const rebuild = 1;\n");
  write(root, "src/islands/Page.tsx", "export const Page = 1;\n");
  const before = sourcesHash(root);
  write(root, name, text);
  return [before, sourcesHash(root)];
}

describe("the number of the sources that tables are made by", () => {
  it.each([
    ["a page", "src/islands/Page.tsx", "export const Page = 2;\n"],
    ["a test", "src/core/size/cut.test.ts", "it('cuts');\n"],
    ["the same again", "src/core/size/cut.ts", "export const off = 5;\n"],
  ])("stays for %s", (_, name, text) => {
    const [before, after] = around(name, text);
    expect(after).toBe(before);
    expect(Number.isSafeInteger(before)).toBe(true);
  });
  it.each([
    ["a figure of core", "src/core/size/cut.ts", "export const off = 6;\n"],
    ["a column", "src/db/projection.ts", "export const rebuild = 2;\n"],
    ["another file of core, though empty", "src/core/size/lay.ts", ""],
  ])("is another for %s", (_, name, text) => {
    const [before, after] = around(name, text);
    expect(after).not.toBe(before);
  });
});
