# Sourced by summit: everything that checks the project; with --skill ID the laws of one skill alone, with --postgres
# what the server does on PostgreSQL.
if [ "${1:-}" = --skill ]; then
  [ $# -eq 2 ] || fail "--skill needs the id of a skill; ./summit items --list shows all."
  say "The laws of $2 ..."
  maven -pl core,content test -Dskill="$2" -Dseeds="${SEEDS:-300}" -Dsurefire.failIfNoSpecifiedTests=false \
    -Dtest='SkillLawsTest,HelpLawsTest,FigureLawsTest,SpokenItemsTest,OpenAnswersTest,OptionLawsTest,EntryLawsTest,WorkedStepsTest,CatalogueTest' || fail "Not all laws hold; what fails is said above."
  say "All laws hold."
  exit
fi
need_chromium() {
  for found in chromium chromium-browser google-chrome; do command -v "$found" >/dev/null && return; done
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    say "Installing Chromium for the browser tests ..."
    apt-get update -qq >&2 && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq chromium >/dev/null && return
  fi
  fail "The browser tests need Chromium. Install it (on Debian: apt-get install chromium) and run ./summit test again."
}
need_chromium
if [ "${1:-}" = --postgres ]; then
  [ $# -eq 1 ] || fail "--postgres needs nothing more"
  say "The server on PostgreSQL, and two servers on one database ..."
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn_found -B verify -pl core,content,web,app,e2e -Dnpm.ci.skip="$(npm_state)" \
    -Dpostgres=true -Dwithout= -Dtest='littlesummit/app/**/*Test,TwoNodesTest' -Dsurefire.failIfNoSpecifiedTests=false
  exit
fi
if [ "$(npm_state)" != true ]; then
  say "Installing the packages of the screens ..."
  npm --prefix web ci --ignore-scripts --no-audit --no-fund --loglevel=error >&2
fi
say "Layout of the sources ..."
source scripts/format.sh
format_check
say "Types, lint and unit tests of the screens ..."
npm --prefix web run --silent check
npm --prefix web run --silent lint
npm --prefix web run --silent test
say "Unit, interface and browser tests ..."
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn_found -B verify -Dnpm.ci.skip=true -Dseeds="${SEEDS:-100}" "$@"
