// Everything out and in: npm run archive -- out firm.zip [round id], npm run archive -- in firm.zip
import { createWriteStream, readFileSync } from "node:fs";
import { resolve } from "node:path";
import { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { createDatabase } from "../src/db/database.ts";
import { archiveOf, takeArchive } from "../src/server/archive.ts";

const [way, file, round] = process.argv.slice(2);
if ((way !== "out" && way !== "in") || !file) {
  console.error(
    "Say npm run archive -- out firm.zip, with a round's id after it for that round alone, or -- in firm.zip",
  );
  process.exit(1);
}
const db = createDatabase(resolve(process.env["DATABASE_FILE"] ?? "data/plain-pane.sqlite"));
if (way === "out") {
  const stream = archiveOf(db, round ?? null, new Date());
  await pipeline(Readable.fromWeb(stream as Parameters<typeof Readable.fromWeb>[0]), createWriteStream(file));
  console.log(`${file} holds ${round ? "the round" : "the firm"}: entries, their schema, and photos.`);
} else {
  const done = await takeArchive(db, readFileSync(file), new Date());
  if (!done.ok) {
    console.error(done.error.why);
    process.exitCode = 1;
  } else {
    const { taken, known, photos, notTaken } = done.value;
    console.log(`${taken} entries and ${photos} photos were taken in; ${known} entries were there already.`);
    for (const n of notTaken) console.error(`Line ${n.line} was left out: ${n.why}`);
  }
}
db.$client.close();
