# Installs what is missing: Debian packages and npm modules.

need_node() {
  command -v node >/dev/null || fail "Node.js is missing." "Install Node.js 20.19 or later with npm."
  local major=0 minor=0 rest
  IFS=. read -r major minor rest <<<"$(node --version | tr -d v)"
  [ "$major" -gt 20 ] || { [ "$major" = 20 ] && [ "$minor" -ge 19 ]; } ||
    fail "Node.js $(node --version) is too old." "Install Node.js 20.19 or later."
}

# need_program PROGRAM PACKAGE: a program of a Debian package.
need_program() {
  PATH="$PATH:/usr/sbin" command -v "$1" >/dev/null && return
  if [ "$(id -u)" != 0 ] || ! command -v apt-get >/dev/null; then
    fail "The program $1 is missing." "Ask an administrator for: apt-get install --no-install-recommends $2"
  fi
  say "Installing the Debian package $2"
  mkdir -p -- "$LOGS"
  install_package "$2" >"$LOGS/apt.log" 2>&1 || fail "Installing $2 failed." "See $LOGS/apt.log; then try apt-get install $2 by hand."
}

install_package() {
  local apt=(apt-get -o DPkg::Lock::Timeout=300)
  export DEBIAN_FRONTEND=noninteractive
  "${apt[@]}" update -qq
  # The package's own service is not wanted; whether it starts does not matter here.
  "${apt[@]}" install -y -qq --no-install-recommends "$1" && return
  # An installation that was cut off is finished first.
  dpkg --configure -a && "${apt[@]}" install -y -qq --no-install-recommends "$1"
}

need_modules() {
  local stamp="$OYAKATA_ROOT/node_modules/.oyakata-lock" now
  now="$(sha256sum package-lock.json | cut -d' ' -f1)"
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ] && return
  say "Installing the npm modules (about a minute)"
  mkdir -p -- "$LOGS"
  npm ci --no-fund --no-audit >"$LOGS/npm.log" 2>&1 || fail "npm ci failed." "See $LOGS/npm.log; is the npm registry reachable?"
  echo "$now" >"$stamp"
}
