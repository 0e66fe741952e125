# What the commands share. Sourced, not run.
say() { echo "$*"; }
fail() { echo "misura: $*" >&2; exit 1; }

# apt_install PACKAGE...: from Debian's packages, where this machine and this person may.
apt_install() {
  command -v apt-get >/dev/null 2>&1 || fail "this needs $*, and there is no apt-get here. Install it by hand and run this again."
  local sudo=""
  if [ "$(id -u)" -ne 0 ]; then
    command -v sudo >/dev/null 2>&1 || fail "this needs $*. Run as root: apt-get install $*"
    sudo="sudo"
  fi
  say "Installing from Debian's packages: $*"
  $sudo apt-get update -qq || fail "apt-get update did not work; is the network there?"
  DEBIAN_FRONTEND=noninteractive $sudo apt-get install -y -qq "$@" >/dev/null || fail "apt-get could not install $*. Its own words stand above."
}

java_version() { "$1" -version 2>&1 | sed -n 's/.*version "\([0-9]*\).*/\1/p' | head -n 1; }

need_java() {
  JAVA=java
  [ -n "${JAVA_HOME:-}" ] && [ -x "$JAVA_HOME/bin/java" ] && JAVA="$JAVA_HOME/bin/java"
  if ! command -v "$JAVA" >/dev/null 2>&1; then apt_install openjdk-17-jdk-headless; JAVA=java; fi
  local version; version=$(java_version "$JAVA")
  [ -n "$version" ] && [ "$version" -ge 17 ] || fail "Java 17 or newer is needed; this is ${version:-none}. Set JAVA_HOME to a newer JDK."
}

need_maven() { command -v mvn >/dev/null 2>&1 || apt_install maven; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# healthy PORT: whether the server there says that it is up; no other program needed.
healthy() {
  local answer
  answer=$( { exec 3<>"/dev/tcp/127.0.0.1/$1" && printf 'GET /actuator/health HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3 && timeout 5 cat <&3; } 2>/dev/null ) || true
  case "$answer" in *'"status":"UP"'*|*"requires TLS"*) return 0 ;; *) return 1 ;; esac
}

# Builds the jar where it is missing or older than what it is made of, and lays it out for a fast start.
build_if_needed() {
  # Two starts at once in a fresh checkout: one builds, the other waits.
  mkdir -p "$root/web/target"
  exec 8>"$root/web/target/.building"
  if command -v flock >/dev/null 2>&1; then flock 8; fi
  build_now
  exec 8>&-
}

build_now() {
  local jar="$root/web/target/misura.jar"
  if [ ! -f "$jar" ] || [ -n "$(find "$root/pom.xml" "$root/core/pom.xml" "$root/web/pom.xml" "$root/core/src/main" "$root/web/src/main" -newer "$jar" -print -quit)" ]; then
    need_maven
    say "Building (the first time takes some minutes) ..."
    (cd "$root" && mvn -q -B -DskipTests -Dspotless.check.skip=true package) || fail "the build failed; what Maven said stands above."
  fi
  if [ ! -f "$root/web/target/run/misura.jar" ] || [ "$jar" -nt "$root/web/target/run/misura.jar" ]; then
    rm -rf "$root/web/target/run"
    "$JAVA" -Djarmode=tools -jar "$jar" extract --destination "$root/web/target/run" >/dev/null || fail "the jar could not be laid out."
    touch "$root/web/target/run/misura.jar"
  fi
}

# class_archive DIR: the option with which this start uses what an earlier one loaded, or keeps what it loads for the next.
# The archive is of one jar and one Java; of any other it is made anew when the server ends.
class_archive() {
  local archive="$1/misura.jsa" made_by="$1/misura.jsa.java" java
  [ -w "$1" ] || { echo "-Xshare:auto"; return; }
  java=$("$JAVA" -version 2>&1 | tr '\n' ' ')
  if [ -s "$archive" ] && [ "$archive" -nt "$1/misura.jar" ] && [ "$(cat "$made_by" 2>/dev/null)" = "$java" ]; then
    echo "-XX:SharedArchiveFile=$archive"
  else
    rm -f "$archive"
    echo "$java" >"$made_by"
    echo "-XX:ArchiveClassesAtExit=$archive.$$"
  fi
}

# keep_archive DIR STATUS: what the server left behind when it ended; of one that was cut off half-way nothing is used.
keep_archive() {
  if [ "$2" -eq 143 ] || [ "$2" -eq 0 ]; then
    [ ! -s "$1/misura.jsa.$$" ] || mv "$1/misura.jsa.$$" "$1/misura.jsa"
  fi
  rm -f "$1/misura.jsa.$$"
}
