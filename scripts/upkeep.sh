# Sourced by summit: copies of everything, and what a doctor says of a server. It may run meanwhile or not.

# data_of ARGUMENTS: the folder of the class, or of the demo with --demo; the other arguments are left in $rest.
data_of() {
  data=${SUMMIT_DATA:-$PWD/data/class}
  rest=()
  for argument in "$@"; do
    if [ "$argument" = --demo ]; then data=$PWD/data/demo; else rest+=("$argument"); fi
  done
  [ -z "${SUMMIT_DATABASE_URL:-}" ] || [ "$command" = doctor ] ||
    fail "The database is on a server of its own (SUMMIT_DATABASE_URL). For PostgreSQL use pg_dump and pg_restore."
  [ -n "${SUMMIT_DATABASE_URL:-}" ] || [ -e "$data/summit.mv.db" ] || [ "$command" = restore ] ||
    fail "There is nothing in $data yet. Start it once."
}

# maintain OPTIONS: runs the application once for a maintenance command.
maintain() {
  build_app
  "$(find_java)/bin/java" "$@" -Dsummit.nightly-copies=false -Dserver.port=0 -jar "${summit_jar:-app/target/summit-app-boot.jar}"
}

# wish WORDS: asks the server that has the data open; where there is none, the application is run for it alone.
wish() {
  local halves=0
  if [ -n "${SUMMIT_DATABASE_URL:-}" ]; then
    said=$(maintain -Dsummit.wish="$1") || fail "The database at $SUMMIT_DATABASE_URL could not be opened."
    printf '%s\n' "$said"
    ! grep -q '^WRONG' <<<"$said" || exit 1
    return
  fi
  rm -f "$data/said"
  printf '%s\n' "$1" >"$data/wish"
  while [ -e "$data/wish" ] && [ $halves -lt 8 ]; do
    sleep 0.5
    halves=$((halves + 1))
  done
  if [ -e "$data/wish" ]; then
    rm -f "$data/wish"
    said=$(maintain -Dsummit.data="$data" -Dsummit.wish="$1") || fail "The data in $data could not be opened."
  else
    until [ -e "$data/said" ]; do sleep 0.5; done
    said=$(cat "$data/said")
    rm -f "$data/said"
  fi
  printf '%s\n' "$said"
  ! grep -q '^WRONG' <<<"$said"
}

backup() {
  data_of "$@"
  [ ${#rest[@]} -eq 1 ] || fail "usage: backup FILE [--demo]"
  case "${rest[0]}" in /*) file=${rest[0]} ;; *) file=$PWD/${rest[0]} ;; esac
  wish "backup $file"
}

doctor() {
  data_of "$@"
  wish doctor
}

restore() {
  data_of "$@"
  [ ${#rest[@]} -eq 1 ] || fail "usage: restore FILE [--demo]"
  [ -e "${rest[0]}" ] || fail "There is no file ${rest[0]}."
  if [ -e "$data/summit.mv.db" ]; then
    printf 'doctor\n' >"$data/wish"
    sleep 3
    if [ ! -e "$data/wish" ]; then rm -f "$data/said"; fail "The server is running. Stop it first; then restore."; fi
    rm -f "$data/wish"
  fi
  local fresh=$data/being-restored
  rm -rf "$fresh"; mkdir -p "$fresh"
  said=$(maintain -Dspring.datasource.url=jdbc:h2:mem:restore -Dsummit.restore="${rest[0]}" -Dsummit.restore-to="$fresh" | grep -E '^(well|WRONG)') ||
    fail "The copy could not be looked at."
  printf '%s\n' "$said"
  if grep -q '^WRONG' <<<"$said"; then rm -rf "$fresh"; exit 1; fi
  if [ -e "$data/summit.mv.db" ]; then
    local before=$data/before-$(date +%Y-%m-%d-%H%M%S)
    mkdir "$before"
    mv "$data"/summit.* "$before/"
    say "What was there before is in $before."
  fi
  mv "$fresh/summit.mv.db" "$data/"
  rmdir "$fresh"
  say "Restored. Start it as usual."
}

"$command" "$@"
