import { defineConfig } from "vitest/config";

/**
 * Against the built server, as a process of its own for each file: two files at once, as there are two cores. A busy machine is
 * slow, not wrong: what fails waits long, and what passes never does.
 */
export default defineConfig({
  test: { include: ["tests/faults/**/*.test.ts"], testTimeout: 240_000, hookTimeout: 240_000, maxWorkers: 2 },
});
