# Shared by the commands: where things lie, how they speak, who is at work, which processes are ours.
set -euo pipefail

STATE="${OYAKATA_STATE:-$OYAKATA_ROOT/.oyakata}"
case "$STATE" in /*) ;; *) STATE="$PWD/$STATE" ;; esac
RELEASES="${OYAKATA_RELEASES:-$OYAKATA_ROOT/.oyakata/releases}"
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

. "$OYAKATA_ROOT/scripts/lib/settings.sh"

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port="$1"
  while port_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}

# own_pid PROGRAM ARGUMENT: the process that runs PROGRAM with exactly ARGUMENT among its arguments; fails when there is
# none. A number in a file is no process: it may be dead, a zombie (which has no arguments), or by now somebody else's.
own_pid() {
  local file pid
  for file in $(grep -lzxF -- "$2" /proc/[0-9]*/cmdline 2>/dev/null || true); do
    pid="${file#/proc/}"
    pid="${pid%/cmdline}"
    case "$(readlink "/proc/$pid/exe" 2>/dev/null || true)" in
      */"$1" | */"$1 (deleted)") echo "$pid"; return 0 ;;
    esac
  done
  return 1
}

# argument_of PID NAME: the value of --NAME=VALUE among the arguments of a process.
argument_of() { tr '\0' '\n' <"/proc/$1/cmdline" 2>/dev/null | sed -n "s/^--$2=//p" | head -n 1; }

# end_own PROGRAM ARGUMENT SECONDS: asks our process to end, waits, then insists.
end_own() {
  local pid
  pid="$(own_pid "$1" "$2")" || return 0
  kill "$pid" 2>/dev/null || true
  for _ in $(seq 1 $(($3 * 10))); do
    [ "$(own_pid "$1" "$2" || true)" = "$pid" ] || return 0
    sleep 0.1
  done
  kill -9 "$pid" 2>/dev/null || true
  sleep 0.2
}

# free_megabytes FOLDER: room where a folder lies or will lie.
free_megabytes() {
  local folder="$1"
  while [ ! -d "$folder" ]; do folder="$(dirname -- "$folder")"; done
  df -Pm -- "$folder" | awk 'NR == 2 { print $4 }'
}

# need_room FOLDER MEGABYTES
need_room() {
  local room
  room="$(free_megabytes "$1")"
  [ "$room" -ge "$2" ] || fail "Disk full: $room MB are free where $1 lies, $2 MB are needed." "Make room, then start again. Nothing that was stored is lost."
}

make_state() {
  mkdir -p -- "$STATE" "$LOGS" 2>/dev/null || fail "The folder $STATE can not be made." "May you write there, and is there room on the disk?"
  chmod 700 -- "$STATE"
}

# One command at a time works on a state; the next waits and says for what. The lock ends with its process.
take_lock() {
  make_state
  exec {LOCK_FD}>>"$STATE/lock"
  if ! flock -n "$LOCK_FD"; then
    say "Another ./oyakata is at work here ($(cat -- "$STATE/stage" 2>/dev/null || echo 'it has just begun')): waiting for it"
    flock -w 1200 "$LOCK_FD" || fail "The other ./oyakata did not end in 20 minutes." "Look with: ps aux | grep oyakata"
  fi
}

# stage WHAT: what is being done, for whoever waits. A full disk must not stop the work here.
stage() { { printf '%s, since %s\n' "$*" "$(date +%H:%M:%S)" >"$STATE/stage"; } 2>/dev/null || true; }

# keep_short FILE: a log that goes on from the run before, begun anew when it has grown.
keep_short() { [ ! -f "$1" ] || [ "$(stat -c %s -- "$1")" -lt 5000000 ] || mv -f -- "$1" "$1.1"; }

random_word() { od -An -tx1 -N24 /dev/urandom | tr -d ' \n'; }
