# Sourced by the commands that start the application.

# take_options ARGUMENTS: reads --port N, --fresh, --code-for NAME, --metrics-port N, --log FILE and --database URL into
# $port, $fresh, $code_for, $metrics (the options that open such a port to this machine alone), $log (those for such a
# file) and SUMMIT_DATABASE_URL, which the application reads itself.
take_options() {
  port=8080
  fresh=false
  code_for=
  metrics=()
  log=()
  while [ $# -gt 0 ]; do
    case "$1" in
      --port) [ $# -gt 1 ] || fail "--port needs a number"; port=$2; shift 2 ;;
      --fresh) fresh=true; shift ;;
      --metrics-port)
        [[ "${2:-}" =~ ^[0-9]+$ ]] || fail "--metrics-port needs a number"
        metrics=(-Dsummit.metrics=true -Dmanagement.endpoint.prometheus.access=read-only
          -Dmanagement.server.port="$2" -Dmanagement.server.address=127.0.0.1)
        shift 2 ;;
      --log)
        [ $# -gt 1 ] || fail "--log needs a file"
        log=(-Dlogging.file.name="$2" -Dlogging.structured.format.file=ecs -Dsummit.requests-in-the-log=info
          -Dlogging.threshold.console=warn)
        shift 2 ;;
      --database)
        [[ "${2:-}" == jdbc:postgresql:* ]] || fail "--database needs an address such as jdbc:postgresql://localhost/summit"
        export SUMMIT_DATABASE_URL=$2; shift 2 ;;
      --code-for) [ $# -gt 1 ] || fail "--code-for needs a name"; code_for=$2; shift 2 ;;
      *) fail "Unknown option: $1" ;;
    esac
  done
  [[ "$port" =~ ^[0-9]+$ ]] || fail "--port needs a number, not $port"
}

# Unpacked, and with a class-data archive made by one dry start, it answers in half the time.
unpack() {
  home=app/target/run
  if stale "$home/made" app/target/summit-app-boot.jar; then
    say "Preparing it to start faster from now on (once, some seconds) ..."
    rm -rf "$home"
    "$java" -Djarmode=tools -jar app/target/summit-app-boot.jar extract --destination "$home" >/dev/null
    "$java" -XX:ArchiveClassesAtExit="$home/app.jsa" -Dspring.context.exit=onRefresh -Dspring.datasource.url=jdbc:h2:mem:dry -Xlog:disable \
      -jar "$home/summit-app-boot.jar" >/dev/null 2>&1 || true
    touch "$home/made"
  fi
}

answers() { (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; }

# announce WORDS: waits as long as this process lives, says that it is still at it, and prints the address once it answers.
announce() {
  local halves=0
  until answers; do
    kill -0 $$ 2>/dev/null || return
    sleep 0.5
    halves=$((halves + 1))
    [ $((halves % 20)) -ne 0 ] || say "Still starting, $((halves / 2)) seconds so far ..."
  done
  sleep 1
  printf '\nLittle Summit is open at http://localhost:%s\n\n%s\n' "$port" "$1"
}

# launch DATA WORDS OPTIONS: starts the application with its data in DATA, and says WORDS when it is open.
launch() {
  local data=$1 words=$2; shift 2
  build_app
  mkdir -p "$data"
  java=$(find_java)/bin/java
  unpack
  ! answers || fail "Something else answers on port $port already. Stop it, or choose another port: --port 8090"
  say "Starting on port $port ..."
  announce "$words" &
  exec "$java" -Xmx1g -XX:SharedArchiveFile="$home/app.jsa" -Xshare:auto -Xlog:disable -Xlog:all=off "${metrics[@]}" "${log[@]}" "$@" -Dsummit.data="$data" -Dsummit.code-for="$code_for" -Dserver.port="$port" -jar "$home/summit-app-boot.jar"
}
