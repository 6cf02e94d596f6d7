import { defineConfig } from "vitest/config";

/* Core is pure and the rest takes its database as an argument: files share a worker's modules, which halves the time. */
export default defineConfig({
  test: {
    include: ["src/**/*.test.ts", "tests/unit/**/*.test.ts"],
    // A busy machine is slow, not wrong.
    testTimeout: 90_000,
    pool: "threads",
    isolate: false,
    // No test rests on the one before it: they run in another order than they stand in, the same one every time.
    sequence: { shuffle: { tests: true, files: false }, seed: 20_260_520 },
  },
});
