# What bin/start, bin/test, bin/bench and bin/screenshots share. Sourced, never run.
# Every failure ends in one plain sentence.

fail() { echo "$1" >&2; exit 1; }

# Sets JAVA_HOME to a JDK 25 or later.
find_java() {
  local home
  local places=${BRANDEON_JVMS:-/usr/lib/jvm}
  for home in "${JAVA_HOME:-}" "$places"/*25* "$places"/*; do
    [ -x "$home/bin/javac" ] || continue
    local version
    # The file is quicker to ask than javac.
    version=$(sed -n 's/^JAVA_VERSION="\([0-9]*\).*/\1/p' "$home/release" 2>/dev/null)
    if [ "${version:-0}" -ge 25 ]; then
      export JAVA_HOME="$home"
      return
    fi
  done
  fail "Brandeon needs a JDK 25 or later. Install one under /usr/lib/jvm (for example the package temurin-25-jdk) or set JAVA_HOME to it."
}

need_node() {
  local version
  version=$(node --version 2>/dev/null | sed -n 's/^v\([0-9]*\).*/\1/p')
  [ "${version:-0}" -ge 20 ] || fail "Brandeon needs Node.js 20 or later with npm. Install it and run this again."
}

# need_packages COMMAND-OR-FILE PACKAGE ...: installs what is missing from Debian's packages.
need_packages() {
  local missing=()
  while [ $# -gt 1 ]; do
    command -v "$1" >/dev/null 2>&1 || [ -e "$1" ] || compgen -G "$1" >/dev/null || missing+=("$2")
    shift 2
  done
  [ ${#missing[@]} -eq 0 ] && return
  [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1 || fail "Missing: ${missing[*]}. Install with: sudo apt-get install ${missing[*]}"
  echo "Installing ${missing[*]} …"
  { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >"$RUN/install.log" 2>&1 \
    || fail "Installing ${missing[*]} failed; see $RUN/install.log."
}

# want_packages COMMAND PACKAGE LACK: installs what helps but is not needed; without the rights it only says so.
want_packages() {
  command -v "$1" >/dev/null 2>&1 && return
  # Tried once only: without a network it would hold up every start.
  if [ ! -e "$RUN/tried-$2" ] && [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1; then
    touch "$RUN/tried-$2"
    echo "Installing $2 …"
    { apt-get update && DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$2"; } >"$RUN/install.log" 2>&1 && return
  fi
  echo "Without the package $2, $3."
}

. bin/lib/cluster.sh

port_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# A port that nothing listens on, and that no connection to somewhere else is given meanwhile: Linux takes 32768 and up
# for those (ip_local_port_range).
free_port() {
  local port
  for port in $(shuf -i 20000-32000 -n 50); do port_free "$port" && { echo "$port"; return; }; done
  fail "No free port was found."
}

# build_web: installs from the lock file when it changed, and builds. What packs it next finds no files of earlier builds.
build_web() {
  need_node
  # They have other names and would stay.
  rm -rf server/target/classes/static
  if [ ! -e web/node_modules/.lock-copy ] || ! cmp -s web/package-lock.json web/node_modules/.lock-copy; then
    (cd web && npm ci --no-audit --no-fund --loglevel=error) >"$RUN/npm.log" 2>&1 || fail "Installing the web packages failed; see $RUN/npm.log."
    cp web/package-lock.json web/node_modules/.lock-copy
  fi
  (cd web && npm run --silent build) >"$RUN/web.log" 2>&1 || { cat "$RUN/web.log" >&2; fail "Building the web application failed."; }
}

# A word that changes whenever sources change.
sources_state() {
  find pom.xml core server web -type f \( -path '*/src/*' -o -name pom.xml -o -name 'package*.json' -o -name '*.html' -o -name 'vite.config.ts' -o -name 'tsconfig*.json' \) \
    -not -path '*/node_modules/*' -not -path '*/target/*' -not -path '*/dist/*' -printf '%p %s %T@\n' | sort | sha256sum | cut -c1-32
}

# build_server: the application's jar in server/target/brandeon-app.jar, only when sources changed.
build_server() {
  local state
  state=$(sources_state)
  if [ -e "$RUN/app/brandeon-app.jar" ] && [ "$(cat "$RUN/built" 2>/dev/null)" = "$state" ]; then return; fi
  echo "Building …"
  build_web
  mvn -q -B -Dmaven.test.skip=true -pl core,server -am package >"$RUN/maven.log" 2>&1 \
    || { grep -E 'ERROR' "$RUN/maven.log" | head -n 20 >&2; fail "Building the server failed; see $RUN/maven.log."; }
  keep_server "$state"
}

# build_bench: what measures and attacks, as the class path BENCH. BRANDEON_BUILT says that it was just built.
build_bench() {
  if [ -z "${BRANDEON_BUILT:-}" ]; then
    mvn -q -B -ntp -Dmaven.test.skip=true -pl core,bench package 2>&1 | grep ERROR && fail "What measures and attacks could not be built."
  fi
  BENCH="bench/target/classes:core/target/classes:$(cat bench/target/classpath)"
}

# keep_server STATE: what was just built from these sources is what bin/start runs.
keep_server() {
  rm -rf "$RUN/app"
  "$JAVA_HOME/bin/java" -Djarmode=tools -jar server/target/brandeon-app.jar extract --destination "$RUN/app" >/dev/null || fail "The application could not be unpacked into $RUN/app."
  echo "$1" >"$RUN/built"
}

# How much memory the application may take; every cache is a part of it. That some 45 MB of classes and as much of
# compiled code come in the first minutes is no reason to look through all of it: everything would stand still then.
# What is computed long (server/work/Hands) gives way to the show: its threads have the nice value 10, as ffmpeg has;
# without the second flag Linux does not look at the priorities of threads, and the third keeps the compiler out of it.
# For anybody but root Java warns in its log that it may not be allowed to; giving way is always allowed.
JVM=("-Xmx${BRANDEON_HEAP:-1536m}" -XX:MetaspaceSize=128m -XX:SweeperThreshold=60 -XX:+UseSerialGC
  -XX:JavaPriority1_To_OSPriority=10 -XX:ThreadPriorityPolicy=1 -XX:CompilerThreadPriority=0)

# train_server DB_URL: starts the application once and keeps what the JVM learnt (JEP 483 and 514), so that later
# starts take a few seconds. Without it everything works, only slower; BRANDEON_TRAIN=no does without.
train_server() {
  [ -e "$RUN/app/brandeon.aot" ] || [ "${BRANDEON_TRAIN:-}" = no ] && return
  echo "Preparing quick starts …"
  # Whoever starts meanwhile finds all of it or nothing.
  BRANDEON_DB_URL=$1 BRANDEON_PORT=0 "$JAVA_HOME/bin/java" -XX:AOTCacheOutput="$RUN/app/brandeon.aot.part" "${JVM[@]}" -Dspring.aot.enabled=true -Djava.awt.headless=true \
    --enable-native-access=ALL-UNNAMED -Dspring.context.exit=onRefresh -jar "$RUN/app/brandeon-app.jar" >"$RUN/train.log" 2>&1 && mv "$RUN/app/brandeon.aot.part" "$RUN/app/brandeon.aot" || rm -f "$RUN/app/brandeon.aot.part"
}
