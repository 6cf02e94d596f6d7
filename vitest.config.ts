import { defineConfig } from "vitest/config";

/* Core is pure and the rest takes its database as an argument: files share a worker's modules, which halves the time. */
export default defineConfig({
  test: {
    include: ["src/**/*.test.ts", "tests/unit/**/*.test.ts"],
    testTimeout: 20_000,
    pool: "threads",
    isolate: false,
  },
});
