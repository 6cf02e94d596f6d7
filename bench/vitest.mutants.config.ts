import { defineConfig } from "vitest/config";

/** The tests that a seeded fault of the pane has to get past: core's, without those of matters that no pane hangs on. */
export default defineConfig({
  test: {
    include: ["src/core/**/*.test.ts", "tests/unit/job-sheets.test.ts"],
    exclude: ["src/core/{practice,cut,plan,learn,people,log,firm}/**"],
    testTimeout: 60_000,
    pool: "threads",
    isolate: false,
  },
});
