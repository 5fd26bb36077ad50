# Sourced by summit: one archive that a school installs without building, with a Java of its own in it.
[ $# -le 1 ] || fail "usage: ./summit package [FILE.tar.gz]"
archive=${1:-little-summit.tar.gz}
build_app
java=$(find_java)
[ -x "$java/bin/jlink" ] || fail "This JDK has no jlink, which makes the Java of the package. Install a full JDK, or set JAVA_HOME."
made=$(mktemp -d)
trap 'rm -rf "$made"' EXIT
root=$made/little-summit
mkdir -p "$root/bin" "$root/lib"
say "Making a Java of its own ..."
"$java/bin/jlink" --add-modules java.se,jdk.unsupported,jdk.management,jdk.zipfs,jdk.localedata,jdk.jfr \
  --strip-debug --no-header-files --no-man-pages --compress zip-6 --output "$root/runtime"
cp app/target/summit-app-boot.jar "$root/lib/little-summit.jar"
cp scripts/upkeep.sh "$root/lib/"
cp packaging/little-summit "$root/bin/"
cp packaging/little-summit.service packaging/Containerfile LICENSE "$root/"
cp docs/operating.md "$root/OPERATING.md"
tar -C "$made" -czf "$archive" little-summit
say "$archive is there: $(du -h "$archive" | cut -f1), for this kind of machine ($(uname -sm)). docs/operating.md says how it is installed."
