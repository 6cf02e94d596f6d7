import { cpus } from "node:os";
import { benchPage } from "./page.ts";
import { benchOdds, benchPane } from "./pane.ts";
import { benchServer } from "./server.ts";
import { ms } from "./timed.ts";

/** Prints the figures that docs/performance.md records. Needs a build and Chromium. */
const rows = [...benchPane(), ...benchOdds(), ...benchServer()];
const page = await benchPage();
console.log(`Node ${process.version}, ${cpus().length} × ${cpus()[0]?.model ?? "unknown"}\n`);
console.log("| what | median | 95 of 100 within |\n| --- | --: | --: |");
for (const r of rows) console.log(`| ${r.name} | ${ms(r.median)} | ${ms(r.p95)} |`);
console.log(
  `| a packer moved by a key until the sash is drawn, CPU slowed ${page.slowDown} times | ${ms(page.simulatorMedianMs)} | ${ms(page.simulatorP95Ms)} |`,
);
console.log(
  `| the same with a slider that nothing hangs on: the browser's own share | ${ms(page.bareSliderMedianMs)} | |`,
);
console.log(
  `| a key on the pane page until its frame is drawn, CPU slowed ${page.slowDown} times | ${ms(page.keyMedianMs)} | ${ms(page.keyP95Ms)} |`,
);
console.log(`| the same in a field that nothing hangs on: the browser's own share | ${ms(page.bareMedianMs)} | |`);
console.log(
  `\nScript over the wire: the round ${page.roundScriptKb.toFixed(0)} kB, the pane page ${page.paneScriptKb.toFixed(0)} kB.`,
);
console.log(`The pane page, first visit, until loaded: ${ms(page.firstPageMs)}.`);
