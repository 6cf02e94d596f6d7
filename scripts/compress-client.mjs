// Files of the build are compressed once, ahead: nothing is compressed while somebody waits.
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { extname, join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";

const TEXT = new Set([".js", ".css", ".svg", ".json", ".html", ".txt", ".mjs", ".map", ".webmanifest"]);
const LEAST = 1024;

for (const name of readdirSync("dist/client", { recursive: true, encoding: "utf8" })) {
  const path = join("dist/client", name);
  if (!TEXT.has(extname(path)) || !statSync(path).isFile() || statSync(path).size < LEAST) continue;
  const text = readFileSync(path);
  writeFileSync(`${path}.br`, brotliCompressSync(text, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }));
  writeFileSync(`${path}.gz`, gzipSync(text, { level: 9 }));
}
