import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const files = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? files(join(folder, e.name)) : e.name.endsWith(".astro") ? [join(folder, e.name)] : [],
  );

/* The import checker does not read .astro files: this does. */
describe("what pages may import", () => {
  it.each(files("src"))("%s reaches no table, no demo and no package of the database", (file) => {
    const frontmatter = /^---\n([\s\S]*?)\n---/.exec(readFileSync(file, "utf8"))?.[1] ?? "";
    const imports = [...frontmatter.matchAll(/from "([^"]+)"|import "([^"]+)"/g)].map((m) => m[1] ?? m[2] ?? "");
    for (const to of imports)
      expect([file, /\/(db|demo|standins)\/|drizzle|better-sqlite3/.test(to), to]).toEqual([file, false, to]);
    if (file.startsWith("src/components"))
      for (const to of imports) expect([file, /\/server\//.test(to)]).toEqual([file, false]);
  });
});
