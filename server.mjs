// Looks the firm's file over, migrates it, then serves the built application. Plain JavaScript: it runs without a build of its own.
import "./src/production.mjs";
import { execFile } from "node:child_process";
import { createServer } from "node:http";
import { dirname, join, resolve } from "node:path";
import { fileURLToPath } from "node:url";
import sirv from "sirv";
import { copiesOf } from "./src/db/copies.mjs";
import { whyNotServed } from "./src/db/file-check.mjs";
import { openMigrated } from "./src/db/migrate.mjs";
import { noteServing, noteStopped, serversOf } from "./src/db/served-by.mjs";
import { cameInTheClear } from "./src/plain-http.mjs";

const root = dirname(fileURLToPath(import.meta.url));
const host = process.env.HOST || "127.0.0.1";
const port = Number(process.env.PORT || 4321);
const file = resolve(root, process.env.DATABASE_FILE || "data/plain-pane.sqlite");
process.env.DATABASE_FILE = file;
process.env.PLAIN_PANE_ROOT = root;

/** @param {string} why */
const giveUp = (why) => {
  console.error(why);
  process.exit(1);
};

// Bound to loopback, it answers to loopback's names only: a page elsewhere cannot reach it under a name of its own.
const loopback = ["127.0.0.1", "::1", "localhost"].includes(host);
const why = whyNotServed(file, { begin: process.env.NEW_FIRM === "1" });
if (why) giveUp(why);
let hasOwner = false;
try {
  const opened = openMigrated(file);
  hasOwner = opened.prepare("SELECT 1 FROM accounts LIMIT 1").get() !== undefined;
  opened.close();
} catch (error) {
  giveUp(
    `${file} could not be brought up to this version (${error instanceof Error ? error.message : error}): nothing was changed. Bring a copy back with npm run restore, or start the version that wrote it.`,
  );
}
/** Others reach it by its address, or by a name that something in front of it answers to. */
const reached = !loopback || Boolean(process.env.ALLOWED_HOSTS);
if (reached && !hasOwner && process.env.OPEN_TO_ALL !== "yes")
  giveUp(
    `${loopback ? process.env.ALLOWED_HOSTS : host} can be reached by others, and nobody has to sign in: whoever reaches it reads every address and key-holder, and writes in anybody's name. Say first who owns it: npm run owner -- "Your Name", or "Who may come in" on this machine. On a trial among people you trust, with nobody's real address in it, say OPEN_TO_ALL=yes.`,
  );
for (const other of serversOf(file))
  console.log(
    `Another server (process ${other.pid}, ${other.at}) is on this file too. That is allowed: both write the same log.`,
  );

const { handler } = await import(join(root, "dist/server/entry.mjs"));
const files = sirv(join(root, "dist/client"), {
  brotli: true,
  gzip: true,
  etag: true,
  setHeaders: (response, path) => {
    if (path.startsWith("/_astro/")) response.setHeader("cache-control", "public, max-age=31536000, immutable");
  },
});

const names = new Set([
  "127.0.0.1",
  "[::1]",
  "localhost",
  ...(process.env.ALLOWED_HOSTS || "").split(",").filter(Boolean),
]);
const nameOf = (hostHeader) => (hostHeader || "").replace(/:\d+$/, "").toLowerCase();

const byTls = (process.env.PUBLIC_URL || "").startsWith("https:");
const SECURITY = {
  "x-content-type-options": "nosniff",
  "referrer-policy": "same-origin",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(self), microphone=(self), geolocation=(), payment=(), usb=()",
  "x-frame-options": "DENY",
};

/** What a framework would serve beside our own pages: nothing here asks for it, and one picture could take a minute. */
const NOT_OURS = /^\/(?:_image|_server-islands|_actions)(?:[/?]|$)/;
const OF_API = new Set(["GET", "HEAD", "POST", "PUT", "DELETE", "PATCH", "OPTIONS"]);

const refuse = (response, status, code, message, headers = {}) => {
  response.writeHead(status, {
    "content-type": "application/json; charset=utf-8",
    "cache-control": "no-store",
    ...headers,
  });
  response.end(JSON.stringify({ error: { code, message } }));
};

const server = createServer((request, response) => {
  for (const [name, value] of Object.entries(SECURITY)) response.setHeader(name, value);
  const { method = "GET", url = "/" } = request;
  if (loopback && !names.has(nameOf(request.headers.host)))
    return refuse(
      response,
      421,
      "wrong-host",
      "This server does not answer to that name. Use its own address, or list the name in ALLOWED_HOSTS.",
    );
  const proto = request.headers["x-forwarded-proto"];
  const inTheClear = cameInTheClear(
    { host: request.headers.host, proto: proto?.toString(), from: request.socket.remoteAddress },
    process.env.PUBLIC_URL,
  );
  if (inTheClear && (method === "GET" || method === "HEAD"))
    return response.writeHead(308, { location: `${new URL(process.env.PUBLIC_URL).origin}${url}` }).end();
  if (inTheClear)
    return refuse(response, 403, "in-the-clear", "This came without TLS, so nothing was done. Use https.");
  if (byTls) response.setHeader("strict-transport-security", "max-age=31536000");
  const api = url.startsWith("/api/");
  if (api ? !OF_API.has(method) : method !== "GET" && method !== "HEAD")
    return refuse(response, 405, "method", api ? "No endpoint takes that method." : "Pages are read: use GET here.", {
      allow: api ? [...OF_API].join(", ") : "GET, HEAD",
    });
  if (NOT_OURS.test(url))
    return refuse(response, 404, "no-such-path", "There is nothing here. See / for what there is.");
  files(request, response, () => handler(request, response));
});
// Nobody holds a connection open without asking anything.
server.headersTimeout = 20_000;
server.requestTimeout = 60_000;
// Kept longer than any caller's own idle time (a minute behind most proxies): nobody asks on a connection just let go.
server.keepAliveTimeout = 75_000;
server.on("clientError", (_error, socket) => {
  if (socket.writable) socket.end("HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n");
});
server.on("error", (error) =>
  giveUp(
    error.code === "EADDRINUSE"
      ? `Port ${port} on ${host} is taken: stop what listens there, or name another in PORT.`
      : `${host}:${port} cannot be listened on (${error.code}): name another address in HOST and PORT.`,
  ),
);
server.listen(port, host, () => {
  const { port: taken } = server.address();
  const shown = `http://${host.includes(":") ? `[${host}]` : host}:${taken}/`;
  // The simulated supplier is reached as a real one would be: by its address.
  process.env.PLAIN_PANE_ORIGIN = `http://${loopback ? host.replace("::1", "[::1]") : "127.0.0.1"}:${taken}`;
  noteServing(file, shown);
  console.log(`Plain Pane is at ${shown}`);
  if (reached && !hasOwner) console.log("It is open to everybody who reaches it: OPEN_TO_ALL was said.");
  // Loads the application, and makes tables of an older make again, before anybody waits for it.
  void fetch(`${process.env.PLAIN_PANE_ORIGIN}/api/health`).catch(() => undefined);
});

const FIRST_COPY_MS = 60_000;
const LOOK_FOR_DAY_MS = 3_600_000;
/** Once a day a copy is made by itself, by a process of its own. */
const copyOfToday = () => {
  const today = new Date().toISOString().slice(0, 10);
  if (process.env.BACKUPS === "off" || copiesOf(file)[0]?.day === today) return;
  execFile(process.execPath, [join(root, "scripts/backup.mjs")], { env: process.env }, (error, _out, said) => {
    if (error) console.error(`Today's copy was not made. ${said.trim()}`);
  });
};
setTimeout(copyOfToday, FIRST_COPY_MS).unref();
setInterval(copyOfToday, LOOK_FOR_DAY_MS).unref();

/** Files of the build are listed once: built over while it runs, one is asked for that is gone. That ends its request and no more. */
const BUILT = join(root, "dist/client");
process.on("uncaughtException", (error) => {
  if (error.code === "ENOENT" && String(error.path).startsWith(BUILT)) {
    console.error(`${error.path} is gone: the application was built again while it runs. Start it again.`);
    return;
  }
  console.error(error);
  process.exit(1);
});

// The application closes the file as the process ends, which folds its write-ahead log in.
process.on("exit", () => noteStopped(file));
for (const signal of ["SIGTERM", "SIGINT"])
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  });
