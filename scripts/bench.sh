# Sourced by summit: measures, prints a table. "serving" measures the running server, "load" how it carries 300 students
# (for so many minutes, 10 unless a number follows), "growth" how it answers with millions of attempts in its log (two,
# unless a number follows), "start" how soon it answers, "screen" what a browser loads, anything else the grader; JMH
# forks Java by itself.
what=grader
case "${1:-}" in serving|load|growth|start|screen) what=$1; shift ;; esac
bench_java() {
  "$(find_java)/bin/java" -cp "bench/target/classes:core/target/classes:content/target/classes:app/target/classes:web/target/classes:$(cat bench/target/classpath)" "$@"
}
number_or() { [[ "${2:-}" =~ ^[0-9]+$ ]] && printf %s "$2" || printf %s "$1"; }
maven -pl core,content,web,app,bench -DskipTests -Dnpm.ci.skip="$(npm_state)" package
case "$what" in
  serving) bench_java littlesummit.bench.serving.Main "$@" ;;
  load|growth)
    usual=10
    [ "$what" = load ] || usual=2000000
    number=$(number_or "$usual" "${1:-}")
    [ "$number" != "${1:-}" ] || shift
    bench_java littlesummit.bench.serving.Main "$what" "$number" "$@" ;;
  start)
    source scripts/launch.sh
    java=$(find_java)/bin/java
    unpack
    bench_java littlesummit.bench.start.Main app/target/summit-app-boot.jar "$home" "$@" ;;
  screen) bench_java littlesummit.bench.screen.Main "$@" ;;
  grader) bench_java littlesummit.bench.Main "$@" ;;
esac
