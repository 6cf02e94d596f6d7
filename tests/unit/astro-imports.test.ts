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

/** Buttons that draw nothing of the firm's, and the page that stands in for a broken one. */
const NEED_NO_GUARD = new Set(["PrintButton", "CopyText", "Switches", "BrokenPane"]);

describe("what runs on a page fails alone", () => {
  const islands = files("src").flatMap((file) => {
    const text = readFileSync(file, "utf8");
    return [...text.matchAll(/<([A-Z]\w*)[^>]*client:load/g)].flatMap(([, name]) => {
      const from = new RegExp(`import ${name} from "([^"]+)"`).exec(text)?.[1];
      return name && from && !NEED_NO_GUARD.has(name) ? [[name, join(file, "..", from)] as const] : [];
    });
  });
  it("there are islands", () => expect(islands.length).toBeGreaterThan(20));
  it.each(islands)("%s says what failed in its place", (_, file) =>
    expect(readFileSync(file, "utf8")).toMatch(/export default guarded\(|<Boundary/),
  );
});
