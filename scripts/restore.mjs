// Brings a copy back as the firm's file; without a name it lists the copies there are.
import { resolve } from "node:path";
import { bringBack, copiesFolder, copiesOf } from "../src/db/copies.mjs";

const file = resolve(process.env.DATABASE_FILE || "data/plain-pane.sqlite");
const [copy] = process.argv.slice(2);
try {
  if (!copy) {
    const all = copiesOf(file);
    console.log(
      all.length === 0 ? `There are no copies in ${copiesFolder(file)}.` : `Copies of ${file}, newest first:`,
    );
    for (const c of all) console.log(`  ${c.path}  ${(c.bytes / 1e6).toFixed(1)} MB`);
    if (all.length > 0) console.log("Bring one back with: npm run restore -- <its path>");
  } else {
    const back = bringBack(resolve(copy), file);
    console.log(
      `Brought ${copy} back as ${file}: ${back.entries} entries and ${back.photos} photos.${back.aside ? ` What was there is now ${back.aside}.` : ""}`,
    );
  }
} catch (error) {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
}
