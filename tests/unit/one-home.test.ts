import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { SYSTEMS } from "../../src/core/frame/systems.ts";

const sources = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory()
      ? sources(join(folder, e.name))
      : /\.tsx?$/.test(e.name) && !/\.test\.ts$/.test(e.name)
        ? [join(folder, e.name)]
        : [],
  );
/** Code without its comments. */
const code = (file: string): string =>
  readFileSync(file, "utf8")
    .replace(/\/\*[\s\S]*?\*\//g, "")
    .replace(/^\s*\/\/.*$/gm, "");

/* What the docs claim of the code and no import rule can hold. */
describe("one fact has one home", () => {
  const offenders = (files: readonly string[], pattern: RegExp): readonly string[] =>
    files.flatMap((f) => (pattern.test(code(f)) ? [`${f}: ${pattern.exec(code(f))?.[0]}`] : []));
  it("a frame system is named in its own folder, its drawing and the demo", () => {
    const allowed = /^src\/(core\/frame\/|demo\/|drawing\/system-section\.ts)/;
    const named = new RegExp(`["'\`](${SYSTEMS.join("|")})["'\`]`);
    const all = sources("src");
    expect(all.length).toBeGreaterThan(300);
    expect(
      offenders(
        all.filter((f) => !allowed.test(f)),
        named,
      ),
    ).toEqual([]);
  });
  it("core has neither clock nor chance of its own", () => {
    expect(offenders(sources("src/core"), /\bDate\.now\b|new Date\(\)|Math\.random|performance\.now|crypto\./)).toEqual(
      [],
    );
  });
});
