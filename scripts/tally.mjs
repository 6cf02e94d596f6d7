// Adds up what the runners reported, says again what failed and why, and closes with one line: N passed, N failed.
import { existsSync, readFileSync } from "node:fs";

/** Lines of a failure that are said again here: what came before may have scrolled out of what is kept of a run. */
const MOST_LINES = 12;

const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, "utf8")) : null);
const plain = (text) => text.replace(new RegExp(`${String.fromCharCode(27)}\\[[0-9;]*m`, "g"), "");
const short = (text) => plain(text).split("\n").slice(0, MOST_LINES).join("\n    ");

/** Every test of a browser run, with the names of what it stands in. */
const testsOf = (suite) => [
  ...(suite.suites ?? []).flatMap(testsOf),
  ...(suite.specs ?? []).flatMap((spec) => spec.tests.map((test) => ({ name: `${spec.file}: ${spec.title}`, test }))),
];

let passed = 0;
let failed = 0;
const told = [];
for (const file of [".stamps/unit.json", ".stamps/faults.json"]) {
  const run = read(file);
  if (!run) continue;
  passed += run.numPassedTests;
  failed += run.numFailedTests + (run.success || run.numFailedTests > 0 ? 0 : 1);
  for (const { name, message, assertionResults } of run.testResults) {
    const wrong = assertionResults.filter((a) => a.status === "failed");
    for (const a of wrong) told.push(`failed: ${a.fullName}\n    ${short(a.failureMessages.join("\n"))}`);
    if (message && wrong.length === 0) told.push(`failed: ${name}\n    ${short(message)}`);
  }
}
const browser = read(".stamps/browser.json");
if (browser) {
  passed += browser.stats.expected + browser.stats.flaky;
  failed += browser.stats.unexpected + browser.errors.length;
  for (const { name, test } of browser.suites.flatMap(testsOf)) {
    if (test.status !== "unexpected" && test.status !== "flaky") continue;
    const errors = test.results.flatMap((r) => r.errors.map((e) => e.message ?? ""));
    told.push(
      `${test.status === "flaky" ? "passed at the second try only" : "failed"}: ${name}\n    ${short(errors.join("\n"))}`,
    );
  }
  for (const e of browser.errors) told.push(`failed: the browser run\n    ${short(e.message ?? "")}`);
}
for (const line of told) console.log(`\n${line}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 || passed === 0 ? 1 : 0);
