# Sourced by summit: mutation testing of the rules, or with "services" first of what the server does with them. Names are
# as PIT takes them, such as 'littlesummit.core.quiz.*'.
module=core
profile=mutate
needs=core
if [ "${1:-}" = services ]; then
  module=app; profile=mutate-services; needs=core,content,web,app; shift
fi
options=(-Dmutate.jvm="$(find_java)/bin/java" -Dnpm.ci.skip="$(npm_state)")
[ -z "${1:-}" ] || options+=(-Dmutate.classes="$1")
[ -z "${2:-}" ] || options+=(-Dmutate.tests="$2")
say "Breaking the rules in small ways ..."
mvn_found -B -pl "$needs" -P"$profile" test-compile "${options[@]}" |
  grep -E '^>> (Generated|Line|Mutations)|ERROR' >&2 || fail "The tests do not pass as they are."
say "What survived, line by line: $module/target/pit-reports/index.html"
