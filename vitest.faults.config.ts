import { defineConfig } from "vitest/config";

/** Against the built server, as a process of its own. */
export default defineConfig({
  test: { include: ["tests/faults/**/*.test.ts"], testTimeout: 60_000, hookTimeout: 60_000, fileParallelism: false },
});
