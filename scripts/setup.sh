# Shared by ./demo and ./check: installs and builds what is missing, and nothing that is there already.
export ASTRO_TELEMETRY_DISABLED=1 npm_config_fund=false npm_config_audit=false npm_config_update_notifier=false

say() { printf '\n== %s\n' "$*"; }

need_node() {
  command -v node >/dev/null || { echo "Node 20.20 or later is needed: install it first."; exit 1; }
  node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=20)?0:1)' ||
    { echo "Node 20.20 or later is needed; this is $(node -v)."; exit 1; }
}

# better-sqlite3 compiles here: it finds Node's own headers beside the running node, so nothing is downloaded.
node_headers() {
  local prefix
  prefix=$(node -p 'require("path").dirname(require("path").dirname(process.execPath))')
  if [ -z "${npm_config_nodedir:-}" ] && [ -z "$(npm config get nodedir 2>/dev/null | grep -v '^undefined$')" ] &&
    [ -f "$prefix/include/node/node.h" ]; then
    export npm_config_nodedir=$prefix
  fi
}

install_packages() {
  local stamp
  stamp=$(cat package.json package-lock.json .npmrc <(node -v) | sha256sum | cut -d' ' -f1)
  if [ -d node_modules ] && [ "$(cat .stamps/packages 2>/dev/null)" = "$stamp" ]; then return; fi
  say "Installing packages"
  node_headers
  npm ci --no-progress 2>&1 | grep -v 'nodedir' || true
  [ -x node_modules/.bin/astro ] || { echo "npm ci did not finish: see above."; exit 1; }
  mkdir -p .stamps && echo "$stamp" >.stamps/packages
}

build_app() {
  local stamp
  stamp=$( (find src public scripts/build-service-worker.mjs scripts/compress-client.mjs astro.config.mjs tsconfig.json package-lock.json -type f -print0 | sort -z | xargs -0 sha256sum) | sha256sum | cut -d' ' -f1)
  if [ -f dist/server/entry.mjs ] && [ "$(cat .stamps/build 2>/dev/null)" = "$stamp" ]; then return; fi
  say "Building"
  rm -f .stamps/build
  node node_modules/astro/astro.js build --silent
  node scripts/build-service-worker.mjs
  node scripts/compress-client.mjs
  mkdir -p .stamps && echo "$stamp" >.stamps/build
}
