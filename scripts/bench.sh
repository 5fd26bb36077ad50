# Sourced by summit: measures, prints a table. JMH forks Java by itself.
maven -pl core,bench -DskipTests package
exec "$(find_java)/bin/java" -cp "bench/target/classes:core/target/classes:$(cat bench/target/classpath)" littlesummit.bench.Main "$@"
