// Migrates the firm's file, then serves the built application. Plain JavaScript: it runs without a build of its own.
import { createServer } from "node:http";
import { dirname, join, resolve } from "node:path";
import { fileURLToPath } from "node:url";
import compression from "compression";
import { openMigrated } from "./src/db/migrate.mjs";

const root = dirname(fileURLToPath(import.meta.url));
const host = process.env.HOST || "127.0.0.1";
const port = Number(process.env.PORT || 4321);
process.env.DATABASE_FILE = resolve(root, process.env.DATABASE_FILE || "data/plain-pane.sqlite");
openMigrated(process.env.DATABASE_FILE).close();

process.env.ASTRO_NODE_AUTOSTART = "disabled";
const { handler } = await import(join(root, "dist/server/entry.mjs"));
const compress = compression();

// Bound to loopback, it answers to loopback's names only: a page elsewhere cannot reach it under a name of its own.
const loopback = ["127.0.0.1", "::1", "localhost"].includes(host);
const names = new Set([
  "127.0.0.1",
  "[::1]",
  "localhost",
  ...(process.env.ALLOWED_HOSTS || "").split(",").filter(Boolean),
]);
const nameOf = (hostHeader) => (hostHeader || "").replace(/:\d+$/, "").toLowerCase();

const SECURITY = {
  "x-content-type-options": "nosniff",
  "referrer-policy": "same-origin",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(self), microphone=(self), geolocation=(), payment=(), usb=()",
  "x-frame-options": "DENY",
};

const server = createServer((request, response) => {
  for (const [name, value] of Object.entries(SECURITY)) response.setHeader(name, value);
  if (loopback && !names.has(nameOf(request.headers.host))) {
    response.writeHead(421, { "content-type": "application/json; charset=utf-8" });
    const message = "This server does not answer to that name. Use its own address, or list the name in ALLOWED_HOSTS.";
    response.end(JSON.stringify({ error: { code: "wrong-host", message } }));
    return;
  }
  compress(request, response, () => handler(request, response));
});
server.on("clientError", (_error, socket) => {
  if (socket.writable) socket.end("HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n");
});
server.listen(port, host, () => {
  const { port: taken } = server.address();
  // The simulated supplier is reached as a real one would be: by its address.
  process.env.PLAIN_PANE_ORIGIN = `http://${loopback ? host.replace("::1", "[::1]") : "127.0.0.1"}:${taken}`;
  console.log(`Plain Pane is at http://${host.includes(":") ? `[${host}]` : host}:${taken}/`);
});

for (const signal of ["SIGTERM", "SIGINT"])
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  });
