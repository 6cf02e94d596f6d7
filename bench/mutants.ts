import { spawnSync } from "node:child_process";
import { readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { basename, dirname, join } from "node:path";
import { seeded } from "../src/core/chance/seeded.ts";
import { type Fault, foundAlone } from "./mutant-alone.ts";

/*
 * How many seeded faults the tests find, by folder of core: `npx tsx bench/mutants.ts [places] [seed]`. All of them would take
 * a night; so many places are drawn at random, of some lines each, and every fault that lies within one is tried. Names
 * of concepts are left alone, as the compiler knows them; so is what is set out once when a file is read.
 */

const FOLDERS = ["size", "measure", "pane", "bed", "frame", "order"] as const;
const LINES_A_PLACE = 8;
const places = Number(process.argv[2] ?? 120);
const chance = seeded(Number(process.argv[3] ?? 1));
const config = join(tmpdir(), "plain-pane-mutants.json");
const report = join(tmpdir(), "plain-pane-mutants-report.json");

type Report = {
  readonly files: Readonly<
    Record<
      string,
      {
        readonly mutants: readonly {
          readonly status: "Killed" | "Survived" | "NoCoverage" | "Timeout" | "Ignored" | "RuntimeError";
          readonly mutatorName: string;
          readonly replacement?: string;
          readonly location: Fault["location"];
        }[];
      }
    >
  >;
};

/** So many lines of core, drawn by lot, as the tool wants them named. */
function drawn(): readonly string[] {
  const files = FOLDERS.flatMap((f) => readdirSync(`src/core/${f}`).map((name) => `src/core/${f}/${name}`)).filter(
    (f) => !f.endsWith(".test.ts"),
  );
  const lines = files.flatMap((file) =>
    readFileSync(file, "utf8")
      .split("\n")
      .map((_, i) => ({ file, line: i + 1 })),
  );
  return Array.from({ length: places }, () => {
    const at = lines[Math.floor(chance.uniform() * lines.length)];
    return at ? `${at.file}:${at.line}-${at.line + LINES_A_PLACE - 1}` : "";
  });
}

writeFileSync(
  config,
  JSON.stringify({
    testRunner: "vitest",
    vitest: { configFile: "bench/vitest.mutants.config.ts" },
    plugins: ["@stryker-mutator/vitest-runner"],
    mutate: drawn(),
    mutator: { excludedMutations: ["StringLiteral"] },
    ignoreStatic: true,
    coverageAnalysis: "perTest",
    concurrency: 2,
    timeoutMS: 20_000,
    reporters: ["json", "progress-append-only"],
    jsonReporter: { fileName: report },
    ignorePatterns: ["dist", "docs", "data", ".astro", "tests/browser"],
    disableTypeChecks: true,
  }),
);
const ran = spawnSync("npx", ["stryker", "run", config], { stdio: "inherit" });
rmSync(config, { force: true });
if (ran.status !== 0) process.exit(ran.status ?? 1);

const { files } = JSON.parse(readFileSync(report, "utf8")) as Report;
const found = Object.entries(files).flatMap(([file, { mutants }]) =>
  mutants.filter((m) => m.status !== "Ignored" && m.status !== "RuntimeError").map((m) => ({ file, ...m })),
);
const quickly = (m: (typeof found)[number]): boolean => m.status === "Killed" || m.status === "Timeout";
// What lived is tried once more, each by itself.
const alone = new Set(found.filter((m) => !quickly(m) && foundAlone(m, "bench/vitest.mutants.config.ts")));
const dead = (m: (typeof found)[number]): boolean => quickly(m) || alone.has(m);
const row = (name: string, faults: typeof found): string =>
  `| ${name} | ${faults.length} | ${faults.filter(dead).length} | ${faults.length === 0 ? "" : `${Math.round((100 * faults.filter(dead).length) / faults.length)}%`} |`;
console.log("| folder | faults | found | share |\n| --- | --: | --: | --: |");
for (const folder of FOLDERS)
  console.log(
    row(
      folder,
      found.filter((m) => basename(dirname(m.file)) === folder),
    ),
  );
console.log(row("all", found));
console.log(`${alone.size} of these were found alone only.`);
for (const m of found.filter((x) => !dead(x)))
  console.log(
    `${m.file}:${m.location.start.line} ${m.mutatorName} → ${(m.replacement ?? "").slice(0, 60)} (${m.status})`,
  );
