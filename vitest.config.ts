import { defineConfig } from "vitest/config";

export default defineConfig({
  test: { include: ["src/**/*.test.ts", "tests/unit/**/*.test.ts"], testTimeout: 20_000 },
});
