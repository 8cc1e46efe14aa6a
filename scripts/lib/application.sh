# The application's process: a release that runs on a state.

APP_ARGUMENT="--state=$STATE"
ADDRESS="http://127.0.0.1:$APP_PORT"

healthy() { curl -fsS --max-time 5 "$ADDRESS/api/health" >/dev/null 2>&1; }

# runs_already RELEASE: whether that release runs on this state, port and settings, and is well.
runs_already() {
  local pid
  pid="$(own_pid node "$APP_ARGUMENT")" &&
    [ "$(argument_of "$pid" release)" = "$1" ] && [ "$(argument_of "$pid" port)" = "$APP_PORT" ] &&
    [ "$(argument_of "$pid" settings)" = "$(settings_hash)" ] && healthy
}

# Written once a book was made: an empty database is then a loss, and not a beginning.
had_book() { [ -f "$STATE/had-book" ]; }

# database_step WORD [NAME]: a step of scripts/prepare-database.ts, run by the release's own code with the owner's way in.
database_step() {
  (
    cd -- "$(release_folder "$RELEASE")"
    OYAKATA_DATABASE_URL="$OWNER_URL" OYAKATA_APPLICATION_URL="$APPLICATION_URL" OYAKATA_LOG_LEVEL=silent \
      OYAKATA_COMMAND=yes OYAKATA_HAD_BOOK="$(had_book && echo yes || echo no)" node --conditions=react-server prepare-database.mjs "$@"
  ) 2>"$LOGS/prepare.log"
}

# run_application RELEASE: starts it and waits until it is well; fails when it is not.
run_application() {
  local began=$SECONDS child
  stage "starting the application"
  say "Starting the application"
  keep_short "$LOGS/app.log"
  (
    cd -- "$(release_folder "$1")"
    OYAKATA_DATABASE_URL="$APPLICATION_URL" OYAKATA_INSTANCE="${INSTANCE:0:12}" OYAKATA_STATE="$STATE" \
      OYAKATA_PORT="$APP_PORT" NODE_ENV=production \
      exec setsid nohup node door.mjs "$APP_ARGUMENT" "--port=$APP_PORT" "--release=$1" "--settings=$(settings_hash)"
  ) >"$LOGS/boot.log" 2>&1 </dev/null {LOCK_FD}>&- &
  # Every program above becomes the next one, so the process begun here stays the same until it is the application.
  child=$!
  while [ $((SECONDS - began)) -lt 90 ]; do
    if healthy; then return 0; fi
    kill -0 "$child" 2>/dev/null || break
    sleep 0.2
  done
  return 1
}

stop_application() {
  end_application_of_before
  own_pid node "$APP_ARGUMENT" >/dev/null || return 0
  say "Stopping the application"
  end_own node "$APP_ARGUMENT" 10
}

# Releases before this one ran in the repository and left a number in a file. The number is ours only if its process is
# Node.js and works in this very folder.
end_application_of_before() {
  local file="$STATE/app.pid" pid
  [ -f "$file" ] || return 0
  pid="$(cat -- "$file")"
  if [[ "$pid" =~ ^[0-9]+$ ]] && [ "$(readlink "/proc/$pid/cwd" 2>/dev/null)" = "$OYAKATA_ROOT" ] &&
    [[ "$(readlink "/proc/$pid/exe" 2>/dev/null)" == */node ]] && grep -qa next "/proc/$pid/cmdline"; then
    kill "$pid" 2>/dev/null || true
    for _ in $(seq 1 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
  fi
  rm -f -- "$file" "$STATE/app.port" "$STATE/mariadb.port"
}
