// Plain JavaScript: the build's own settings ask for it.
import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

/** What stands in the tables follows from these, and from nothing else. */
const FROM = ["src/core", "src/db"];
/** As many bits as a number holds exactly, and a few to spare. */
const HEX_DIGITS = 12;

/**
 * A number for the sources that the tables are made by: another one wherever a line of them differs, tests left out.
 * @param {string} root where the project is
 * @returns {number} from 0 to 2^48 - 1
 */
export function sourcesHash(root) {
  const hash = createHash("sha256");
  for (const folder of FROM)
    for (const name of readdirSync(join(root, folder), { recursive: true, encoding: "utf8" }).sort())
      if (/\.m?ts$|\.mjs$/.test(name) && !name.includes(".test.")) {
        hash.update(name);
        hash.update(readFileSync(join(root, folder, name)));
      }
  return Number.parseInt(hash.digest("hex").slice(0, HEX_DIGITS), 16);
}
