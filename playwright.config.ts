import { defineConfig } from "@playwright/test";
import { CHROMIUM } from "./tests/support/chromium.ts";

const PORT = 4399;
const DATABASE_FILE = ".stamps/browser.sqlite";

export default defineConfig({
  testDir: "tests/browser",
  fullyParallel: true,
  workers: 2,
  // A busy machine is slow, not wrong: what fails waits long, and what passes never does.
  timeout: 240_000,
  expect: { timeout: 45_000 },
  // A second try tells a page that is wrong from a machine that stumbled; what passed only then is named at the end.
  retries: 1,
  forbidOnly: Boolean(process.env["CI"]),
  reporter: [["line"], ["json", { outputFile: ".stamps/browser.json" }]],
  use: {
    actionTimeout: 45_000,
    // Pages come from the server in these; the one journey without a signal allows it.
    serviceWorkers: "block",
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: "reduce" },
    permissions: ["clipboard-read", "clipboard-write"],
    launchOptions: CHROMIUM,
  },
  webServer: {
    command: `rm -f ${DATABASE_FILE}* && node_modules/.bin/tsx scripts/load-demo.ts && node server.mjs`,
    url: `http://127.0.0.1:${PORT}/api/health`,
    env: { DATABASE_FILE, PORT: String(PORT), PLAIN_PANE_TODAY: "2026-05-20" },
    reuseExistingServer: false,
  },
});
