// Adds up what the runners reported, and closes with one line: N passed, N failed.
import { existsSync, readFileSync } from "node:fs";

const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, "utf8")) : null);
let passed = 0;
let failed = 0;
for (const file of [".stamps/unit.json", ".stamps/faults.json"]) {
  const run = read(file);
  if (!run) continue;
  passed += run.numPassedTests;
  failed += run.numFailedTests + (run.success || run.numFailedTests > 0 ? 0 : 1);
}
const browser = read(".stamps/browser.json");
if (browser) {
  passed += browser.stats.expected + browser.stats.flaky;
  failed += browser.stats.unexpected;
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 || passed === 0 ? 1 : 0);
