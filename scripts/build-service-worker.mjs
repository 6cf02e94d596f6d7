// The service worker is built last: it names every file of the build, so that all of them are there without a signal.
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { build } from "esbuild";

const OUT = "dist/client";
const LEFT_OUT = /\.(?:br|gz|map)$|^sw\.js/;

const names = readdirSync(OUT, { recursive: true, encoding: "utf8" })
  .filter((name) => statSync(join(OUT, name)).isFile() && !LEFT_OUT.test(name))
  .sort();
const hashOf = (bytes) => createHash("sha256").update(bytes).digest("hex").slice(0, 16);
// Files under _astro carry their own hash in their name.
const files = names.map((name) => ({
  url: `/${name}`,
  revision: name.startsWith("_astro/") ? null : hashOf(readFileSync(join(OUT, name))),
}));
const standIn = hashOf(JSON.stringify(files) + readFileSync("dist/server/entry.mjs"));

await build({
  entryPoints: ["src/service-worker/sw.ts"],
  outfile: join(OUT, "sw.js"),
  bundle: true,
  minify: true,
  format: "iife",
  target: "es2022",
  define: {
    "process.env.NODE_ENV": '"production"',
    __FILES__: JSON.stringify([...files, { url: "/device", revision: standIn }]),
  },
});
