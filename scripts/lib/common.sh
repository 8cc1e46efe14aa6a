# Shared by the commands: where things lie, how they speak, small helpers.
set -euo pipefail

STATE="${OYAKATA_STATE:-$OYAKATA_ROOT/.oyakata}"
APP_PORT="${OYAKATA_PORT:-3210}"
LOGS="$STATE/log"
export NEXT_TELEMETRY_DISABLED=1

say() { printf '· %s\n' "$*"; }

# fail WHAT DO: says what is wrong and what to do about it.
fail() {
  printf 'oyakata: %s\n' "$1" >&2
  [ $# -lt 2 ] || printf '         %s\n' "$2" >&2
  exit 1
}

# Whether the process of a pid file runs.
alive() { [ -f "$1" ] && kill -0 "$(cat "$1")" 2>/dev/null; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port="$1"
  while port_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}

# end_process PIDFILE SECONDS: asks to end, waits, then insists.
end_process() {
  alive "$1" || { rm -f "$1"; return 0; }
  local pid; pid="$(cat "$1")"
  kill "$pid" 2>/dev/null || true
  for _ in $(seq 1 $(($2 * 10))); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
  kill -9 "$pid" 2>/dev/null || true
  rm -f "$1"
}

make_state() {
  mkdir -p "$STATE" "$LOGS"
  chmod 700 "$STATE"
}

random_word() { node -e "console.log(require('node:crypto').randomBytes(24).toString('hex'))"; }
