// Makes a checked copy of the firm's file, which may be in use. A path after it names where to.
import { resolve } from "node:path";
import { makeCopy } from "../src/db/copies.mjs";

const file = resolve(process.env.DATABASE_FILE || "data/plain-pane.sqlite");
const [to] = process.argv.slice(2).filter((a) => a !== "--json");
try {
  const made = await makeCopy(file, { to: to && resolve(to) });
  if (process.argv.includes("--json")) console.log(JSON.stringify(made));
  else
    console.log(
      `Copied ${file} to ${made.path}: ${made.entries} entries and ${made.photos} photos, opened and found whole.`,
    );
} catch (error) {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
}
