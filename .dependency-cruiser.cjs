const test = "\\.(test|property\\.test)\\.tsx?$";
const stations = "look|takeout|measure|size|specify|order|set|finish|signoff|plan";
module.exports = {
  forbidden: [
    { name: "no-cycles", severity: "error", from: {}, to: { circular: true } },
    {
      name: "core-imports-only-core",
      severity: "error",
      from: { path: "^src/core/", pathNot: test },
      to: { pathNot: "^src/core/" },
    },
    {
      name: "core-units-at-the-bottom",
      severity: "error",
      from: { path: "^src/core/(units/|result)", pathNot: test },
      to: { path: "^src/core/", pathNot: "^src/core/(units/|result)" },
    },
    {
      name: "core-geometry-and-chance-know-no-trade",
      severity: "error",
      from: { path: "^src/core/(geometry|chance)/", pathNot: test },
      to: { path: "^src/core/", pathNot: "^src/core/(geometry/|chance/|result)" },
    },
    {
      name: "core-stations-know-no-log",
      severity: "error",
      from: { path: `^src/core/(${stations}|tape|house)/`, pathNot: test },
      to: { path: "^src/core/(log|pane|words)/" },
    },
    {
      name: "contract-imports-core-and-zod",
      severity: "error",
      from: { path: "^src/contract/", pathNot: test },
      to: { pathNot: "^(src/(contract|core)/|node_modules/zod/)" },
    },
    {
      name: "sql-only-in-db",
      severity: "error",
      from: { path: "^src/", pathNot: "^src/db/" },
      to: { path: "node_modules/(drizzle-orm|better-sqlite3)/" },
    },
    {
      name: "db-knows-no-http",
      severity: "error",
      from: { path: "^src/db/", pathNot: test },
      // The one reader of payloads checks what it reads by the schemas that checked it on the way in.
      to: { path: "^src/", pathNot: "^src/(db|core|contract)/" },
    },
    {
      name: "one-reader-of-payloads",
      severity: "error",
      from: { path: "^src/", pathNot: ["^src/db/read-once[.]ts$", test] },
      to: { path: "^src/contract/stored-entry[.]ts$" },
    },
    {
      name: "one-reader-of-the-log",
      severity: "error",
      from: { path: "^src/", pathNot: ["^src/db/(entry-log|projection)[.]ts$", test] },
      to: { path: "^src/db/read-once[.]ts$" },
    },
    {
      name: "only-server-opens-db",
      severity: "error",
      from: { path: "^src/", pathNot: ["^src/(db|server|demo)/", test] },
      to: { path: "^src/db/" },
    },
    {
      name: "browser-code-never-reaches-server",
      severity: "error",
      from: { path: "^src/(islands|drawing|workers|contract|standins)/", pathNot: test },
      to: { path: "^src/(server|db)/|node_modules/(drizzle-orm|better-sqlite3)/", reachable: true },
    },
    {
      name: "browser-code-uses-no-node",
      severity: "error",
      from: { path: "^src/(core|contract|drawing|islands|workers)/", pathNot: test },
      to: { dependencyTypes: ["core"] },
    },
    {
      name: "workers-run-core",
      severity: "error",
      from: { path: "^src/workers/", pathNot: test },
      to: { pathNot: "^(src/(workers|core|contract)/|node_modules/zod/)" },
    },
    {
      name: "service-worker-stands-alone",
      severity: "error",
      from: { path: "^src/", pathNot: "^src/service-worker/" },
      to: { path: "^src/service-worker/" },
    },
    {
      name: "standins-know-core-only",
      severity: "error",
      from: { path: "^src/standins/", pathNot: test },
      to: { pathNot: "^src/(standins|core)/" },
    },
    {
      name: "drawing-knows-no-ui",
      severity: "error",
      from: { path: "^src/drawing/", pathNot: test },
      to: { path: "^src/|node_modules/(react|react-dom|nanostores)/", pathNot: "^src/(drawing|core)/" },
    },
    {
      name: "islands-do-not-import-islands",
      severity: "error",
      from: { path: "^src/islands/([^/]+)/", pathNot: ["^src/islands/(pane|kept)/", test] },
      to: { path: "^src/islands/", pathNot: "^src/islands/($1|parts|stage|device)/" },
    },
    {
      name: "endpoints-call-server-only",
      severity: "error",
      from: { path: "^src/pages/.+\\.ts$" },
      to: { path: "^src/", pathNot: "^src/(server|contract)/" },
    },
    {
      name: "demo-stays-out-of-production",
      severity: "error",
      from: { path: "^src/", pathNot: ["^src/demo/", test] },
      to: { path: "^src/demo/" },
    },
    {
      name: "tests-stay-out-of-production",
      severity: "error",
      from: { path: "^src/", pathNot: test },
      to: { path: ["^tests/", test] },
    },
    {
      name: "no-junk-drawers",
      severity: "error",
      from: {},
      to: { path: ["^src/.*/(utils|helpers|common|misc)/", "/(utils|helpers|common|misc)[.]tsx?$"] },
    },
    {
      name: "no-barrels",
      severity: "error",
      from: {},
      to: { path: "^src/(core|contract|db|server|drawing|islands|demo|standins)/.*index[.]tsx?$" },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    doNotFollow: { path: "node_modules" },
  },
};
