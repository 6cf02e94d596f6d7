# Chromium from Debian's packages; CHROMIUM names another one.
need_chromium() {
  export CHROMIUM=${CHROMIUM:-$(command -v chromium || true)}
  [ -n "$CHROMIUM" ] && return
  say "Installing Chromium"
  [ "$(id -u)" = 0 ] || { echo "Chromium is missing: install it (apt-get install chromium), or name one in CHROMIUM."; exit 1; }
  apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends chromium >/dev/null
  CHROMIUM=$(command -v chromium)
}
