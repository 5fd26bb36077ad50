# Sourced by summit: mutation testing of the rules. Names are as PIT takes them, such as 'littlesummit.core.quiz.*'.
options=(-Dmutate.jvm="$(find_java)/bin/java")
[ -z "${1:-}" ] || options+=(-Dmutate.classes="$1")
[ -z "${2:-}" ] || options+=(-Dmutate.tests="$2")
say "Breaking the rules in small ways ..."
mvn --no-transfer-progress -B -pl core -Pmutate test-compile org.pitest:pitest-maven:mutationCoverage "${options[@]}" |
  grep -E '^>> (Generated|Line|Mutations)|ERROR' >&2 || fail "The tests do not pass as they are."
say "What survived, line by line: core/target/pit-reports/index.html"
