# Sourced by summit: measures, prints a table. "serving" measures the running server, "load" how it carries 300 students
# (for so many minutes, 10 unless a number follows), anything else the grader; JMH forks Java by itself.
main=littlesummit.bench.Main
if [ "${1:-}" = serving ]; then main=littlesummit.bench.serving.Main; shift; fi
if [ "${1:-}" = load ]; then
  main=littlesummit.bench.serving.Main; shift
  [[ "${1:-}" =~ ^[0-9]+$ ]] || set -- 10 "$@"
fi
maven -pl core,content,web,app,bench -DskipTests -Dnpm.ci.skip="$(npm_state)" package
exec "$(find_java)/bin/java" -cp "bench/target/classes:core/target/classes:content/target/classes:app/target/classes:web/target/classes:$(cat bench/target/classpath)" "$main" "$@"
