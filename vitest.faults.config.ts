import { defineConfig } from "vitest/config";

/** Against the built server, as a process of its own for each file: two files at once, as there are two cores. */
export default defineConfig({
  test: { include: ["tests/faults/**/*.test.ts"], testTimeout: 60_000, hookTimeout: 60_000, maxWorkers: 2 },
});
