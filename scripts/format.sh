# Sourced by summit: lays out all sources, or with --check says which ones are not laid out. Java: palantir-java-format; the screens: Prettier.
java_formatter() { # the formatter reads sources with the compiler of the JDK that it runs on
  local home part exports=()
  home=$(find_java)
  if stale scripts/format/target/dependency scripts/format/pom.xml; then
    maven -f scripts/format/pom.xml dependency:copy-dependencies
    touch scripts/format/target/dependency
  fi
  for part in api code file parser tree util main; do exports+=(--add-exports "jdk.compiler/com.sun.tools.javac.$part=ALL-UNNAMED"); done
  git ls-files -z --cached --others --exclude-standard '*.java' |
    xargs -0 "$home/bin/java" -XX:+UseSerialGC -XX:TieredStopAtLevel=1 "${exports[@]}" -cp 'scripts/format/target/dependency/*' com.palantir.javaformat.java.Main --palantir "$@"
}

# Class names and texts of the screens cannot be broken; everything else can.
long_lines() {
  git ls-files -z --cached --others --exclude-standard '*.java' | LC_ALL=C.UTF-8 xargs -0 grep -nHE '^.{121,}' || true
  git ls-files -z --cached --others --exclude-standard '*.ts' '*.tsx' ':!web/src/api/types.ts' | LC_ALL=C.UTF-8 xargs -0 grep -nHE '^.{121,}' |
    grep -E '^[^:]+:[0-9]+: *(/\*|\*|//|\{/\*)' || true
}

java_check() {
  local wrong
  wrong=$(java_formatter --dry-run)
  [ -z "$wrong" ] || fail "$(printf 'Not laid out; run ./summit format:\n%s' "$wrong")"
}

screens_check() {
  local long
  npm --prefix web run --silent format:check >&2 || fail "Not laid out; run ./summit format."
  long=$(long_lines)
  [ -z "$long" ] || fail "$(printf 'Longer than 120 characters:\n%s' "$long")"
}

format_check() {
  java_check
  screens_check
}

format_all() {
  java_formatter --replace
  npm --prefix web run --silent format
}
