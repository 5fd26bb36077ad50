# Sourced by summit: everything that checks the project.
need_chromium() {
  for found in chromium chromium-browser google-chrome; do command -v "$found" >/dev/null && return; done
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    say "Installing Chromium for the browser tests ..."
    apt-get update -qq >&2 && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq chromium >/dev/null && return
  fi
  fail "The browser tests need Chromium. Install it (on Debian: apt-get install chromium) and run ./summit test again."
}
need_chromium
if [ "$(npm_state)" != true ]; then
  say "Installing the packages of the screens ..."
  npm --prefix web ci --ignore-scripts --no-audit --no-fund --loglevel=error >&2
fi
say "Types, lint and unit tests of the screens ..."
npm --prefix web run --silent check
npm --prefix web run --silent lint
npm --prefix web run --silent test
say "Unit, interface and browser tests ..."
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn --no-transfer-progress -B verify -Dnpm.ci.skip=true -Dseeds="${SEEDS:-300}" "$@"
