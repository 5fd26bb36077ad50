# Sourced by summit: builds what is needed and starts the application with demo data.
port=8080
fresh=false
while [ $# -gt 0 ]; do
  case "$1" in
    --port) [ $# -gt 1 ] || fail "--port needs a number"; port=$2; shift 2 ;;
    --fresh) fresh=true; shift ;;
    *) fail "Unknown option of demo: $1" ;;
  esac
done
[[ "$port" =~ ^[0-9]+$ ]] || fail "--port needs a number, not $port"
build_app
[ "$fresh" = true ] && rm -rf data/demo
mkdir -p data/demo
java=$(find_java)/bin/java
home=app/target/run
if stale "$home/made" app/target/summit-app-boot.jar; then
  # Unpacked, and with a class-data archive made by one dry start, it answers in half the time.
  rm -rf "$home"
  "$java" -Djarmode=tools -jar app/target/summit-app-boot.jar extract --destination "$home" >/dev/null
  "$java" -XX:ArchiveClassesAtExit="$home/app.jsa" -Dspring.context.exit=onRefresh -Dspring.datasource.url=jdbc:h2:mem:dry -Xlog:disable \
    -jar "$home/summit-app-boot.jar" >/dev/null 2>&1 || true
  touch "$home/made"
fi
say "Starting on port $port ..."
(
  for _ in $(seq 1 120); do
    if (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then
      sleep 1
      cat <<TEXT

Little Summit is open at http://localhost:$port

  wim    a student at the very beginning
  nela   a student in the middle of an item
  orla   the instructor
  The password of everyone is: summit

Stop with Ctrl+C. Start with --fresh for new demo data.
TEXT
      break
    fi
    sleep 0.5
  done
) &
exec "$java" -XX:SharedArchiveFile="$home/app.jsa" -Xshare:auto -Xlog:disable -Xlog:all=off -Dsummit.demo=true -Dsummit.gallery=true -Dsummit.data=./data/demo \
  -Dserver.port="$port" -jar "$home/summit-app-boot.jar"
