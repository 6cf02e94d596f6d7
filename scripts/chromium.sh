# Chromium from Debian's packages; CHROMIUM names another one. Its shell without a window draws a third faster.
need_chromium() {
  find_chromium() { CHROMIUM=${CHROMIUM:-$(command -v chromium-headless-shell || true)}; }
  find_chromium
  if [ -z "$CHROMIUM" ] && [ "$(id -u)" = 0 ]; then
    say "Installing Chromium"
    if apt-get update -qq; then
      DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends chromium-headless-shell >/dev/null ||
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends chromium >/dev/null || true
    fi
    find_chromium
  fi
  export CHROMIUM=${CHROMIUM:-$(command -v chromium || true)}
  [ -n "$CHROMIUM" ] ||
    { echo "Chromium is missing: install it (apt-get install chromium-headless-shell), or name one in CHROMIUM."; exit 1; }
}
