import node from "@astrojs/node";
import react from "@astrojs/react";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "astro/config";
import { sourcesHash } from "./src/db/sources-hash.mjs";

const AT_START = /[/]src[/](?:core|contract|db)[/]|[/]node_modules[/](?:drizzle-orm|zod|uuid)[/]/;

export default defineConfig({
  output: "server",
  adapter: node({ mode: "middleware" }),
  integrations: [react()],
  devToolbar: { enabled: false },
  build: { inlineStylesheets: "never" },
  security: {
    // Every POST goes through endpoint(), which answers a foreign origin in JSON; Astro would answer in plain text.
    checkOrigin: false,
    allowedDomains: [{ hostname: "127.0.0.1" }, { hostname: "localhost" }],
  },
  experimental: {
    csp: {
      directives: [
        "default-src 'none'",
        "connect-src 'self'",
        "img-src 'self' data: blob:",
        "font-src 'self'",
        "manifest-src 'self'",
        "worker-src 'self'",
        "base-uri 'none'",
        "form-action 'self'",
        "frame-ancestors 'none'",
      ],
    },
  },
  vite: {
    plugins: [tailwindcss()],
    define: { TABLES_MADE_BY: String(sourcesHash(import.meta.dirname)) },
    // Ten stations share what they share in a hundred ways: small pieces are joined.
    build: { assetsInlineLimit: 0, rollupOptions: { output: { experimentalMinChunkSize: 40_000 } } },
    // What the server loads at its start is one bundle and not four hundred files to be found, read and compiled.
    ssr: {
      noExternal: [
        "drizzle-orm",
        "zod",
        "uuid",
        "nanostores",
        "@nanostores/react",
        "devalue",
        "@tanstack/react-virtual",
        "@tanstack/virtual-core",
        "idb",
        /^d3/,
      ],
    },
    environments: {
      ssr: {
        build: { rollupOptions: { output: { manualChunks: (id) => (AT_START.test(id) ? "start" : undefined) } } },
      },
    },
  },
});
