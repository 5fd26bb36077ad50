# Sourced by summit: checks that replaying the log of the demo data gives the stored scores.
build_app
[ -e data/demo/summit.mv.db ] || fail "There is no demo data yet; start ./summit demo once."
exec "$(find_java)/bin/java" -Dsummit.data=./data/demo -Dsummit.replay=true -Dserver.port=0 -jar app/target/summit-app-boot.jar
