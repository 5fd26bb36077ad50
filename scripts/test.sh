# Sourced by summit: everything that checks the project; with --skill ID the laws of one skill alone, with --long what
# takes its time on purpose, with --postgres whatever the server does on PostgreSQL.
if [ "${1:-}" = --skill ]; then
  [ $# -eq 2 ] || fail "--skill needs the id of a skill; ./summit items --list shows all."
  say "The laws of $2 ..."
  maven -pl core,content test -Dskill="$2" -Dseeds="${SEEDS:-300}" -Dsurefire.failIfNoSpecifiedTests=false \
    -Dtest='SkillLawsTest,HelpLawsTest,FigureLawsTest,SpokenItemsTest,OpenAnswersTest,OptionLawsTest,EntryLawsTest,WorkedStepsTest,CatalogueTest' || fail "Not all laws hold; what fails is said above."
  say "All laws hold."
  exit
fi
# The shell without windows is quicker; the whole browser will do where there is no such package.
need_chromium() {
  command -v chromium-headless-shell >/dev/null && return
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    say "Installing Chromium for the browser tests ..."
    timeout 90 apt-get update -qq >&2 || true
    for wanted in chromium-headless-shell chromium; do
      DEBIAN_FRONTEND=noninteractive timeout 300 apt-get install -y -qq "$wanted" >/dev/null 2>&1 && return
    done
  fi
  for found in chromium chromium-browser google-chrome; do command -v "$found" >/dev/null && return; done
  fail "The browser tests need Chromium. Install it (on Debian: apt-get install chromium) and run ./summit test again."
}
need_chromium
case "${1:-}" in
  --postgres)
    [ $# -eq 1 ] || fail "--postgres needs nothing more"
    say "The server on PostgreSQL, and two servers on one database ..."
    PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn_found -B verify -pl core,content,web,app,e2e -Dnpm.ci.skip="$(npm_state)" \
      -Dpostgres=true -Dwithout= -Dtest='littlesummit/app/**/*Test,TwoNodesTest' -Dsurefire.failIfNoSpecifiedTests=false
    exit ;;
  --long)
    [ $# -eq 1 ] || fail "--long needs nothing more"
    say "Servers that are killed at work, two on one PostgreSQL, the packaged form, items in another player, a class that moves, a third of the server on PostgreSQL, every way out of a page and back, all views in every mode ..."
    # A third of the server's own tests, on PostgreSQL; the one that practises every skill is among them.
    on_postgres=$(printf 'littlesummit/app/%s/*Test,' practice quiz classroom served erasure upkeep)
    PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn_found -B verify -pl core,content,web,app,e2e -Dnpm.ci.skip="$(npm_state)" \
      -Dwithout= -Dthorough=true -Dpostgres=true -Dsurefire.failIfNoSpecifiedTests=false \
      -Dtest="${on_postgres}KillStormTest,KilledServerTest,TwoNodesTest,PackagedTest,QtiPlayedTest,NothingStaleTest,AccessTest,PrintTest,OneRosterTest"
    exit ;;
esac
source scripts/format.sh
installing=
if [ "$(npm_state)" != true ]; then
  say "Installing the packages of the screens ..."
  npm --prefix web ci --ignore-scripts --no-audit --no-fund --loglevel=error >&2 &
  installing=$!
fi
say "Layout of the sources ..."
java_check # it needs nothing of what is being installed
[ -z "$installing" ] || wait "$installing"
screens_check
say "Types, lint and unit tests of the screens ..."
npm --prefix web run --silent check
npm --prefix web run --silent lint
npm --prefix web run --silent test
say "Unit, interface and browser tests ..."
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn_found -B verify -Dnpm.ci.skip=true -Dseeds="${SEEDS:-60}" "$@"
