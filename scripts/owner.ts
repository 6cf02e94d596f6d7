import { resolve } from "node:path";
import { v7 as uuidv7 } from "uuid";
import { createDatabase } from "../src/db/database.ts";
import { accountByName, addAccount } from "../src/db/people.ts";
import { invite } from "../src/server/people/office.ts";

/* Asks an owner in from this machine's own command line: the first one, or one who cannot get in any more. */

const name = process.argv.slice(2).join(" ").trim();
if (!name) {
  console.error('Say who: npm run owner -- "Their Name"');
  process.exit(1);
}
const db = createDatabase(resolve(process.env["DATABASE_FILE"] ?? "data/plain-pane.sqlite"));
// From here on everybody signs in: before anybody took the invitation up, too.
if (!accountByName(db, name))
  addAccount(db, {
    id: uuidv7(),
    name,
    role: "owner",
    round: null,
    password: null,
    pin: null,
    pinWrong: 0,
    pinAgainAt: null,
    madeAt: new Date().toISOString(),
    endedAt: null,
  });
const origin = process.env["PUBLIC_URL"] ?? `http://127.0.0.1:${process.env["PORT"] ?? 4321}`;
const at = { visitor: null, session: null, tablet: null, address: "command line", origin, agent: "", cookies: [] };
const made = await invite(db, at, { name, role: "owner", hours: 24 }, new Date());
if (!made.ok) throw new Error(made.error.message);
console.log(`For ${name}, once, within a day:\n${made.value.link}`);
db.$client.close();
