# Build and server of the application.

export OYAKATA_DIST_DIR="${OYAKATA_DIST_DIR:-.next}"
APP_PID="$STATE/app.pid"
ADDRESS="http://127.0.0.1:$APP_PORT"

sources_hash() {
  find app core data ui next.config.ts tsconfig.json postcss.config.mjs package-lock.json \
    -type f ! -name '*.test.*' -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1
}

build_stale() {
  local stamp="$OYAKATA_DIST_DIR/oyakata-sources"
  [ ! -f "$OYAKATA_DIST_DIR/BUILD_ID" ] || [ ! -f "$stamp" ] || [ "$(cat "$stamp")" != "$(sources_hash)" ]
}

build_application() {
  say "Building the application (half a minute)"
  rm -f "$OYAKATA_DIST_DIR/oyakata-sources"
  npm run --silent build >"$LOGS/build.log" 2>&1 || { tail -n 30 "$LOGS/build.log" >&2; fail "The build failed." "See $LOGS/build.log."; }
  sources_hash >"$OYAKATA_DIST_DIR/oyakata-sources"
}

healthy() { curl -fsS --max-time 5 "$ADDRESS/api/health" >/dev/null 2>&1; }

start_application() {
  if alive "$APP_PID" && [ "$(cat "$STATE/app.port" 2>/dev/null)" = "$APP_PORT" ] && ! build_stale && healthy; then
    say "The application runs already"
    return
  fi
  end_process "$APP_PID" 10
  if port_taken "$APP_PORT"; then
    fail "Port $APP_PORT is taken by another program." "Choose another: OYAKATA_PORT=3211 ./oyakata start"
  fi
  if build_stale; then build_application; fi
  say "Starting the application"
  OYAKATA_SESSION_SECRET="$SESSION_SECRET" NODE_ENV=production \
    setsid nohup node node_modules/next/dist/bin/next start -H 127.0.0.1 -p "$APP_PORT" >>"$LOGS/app.log" 2>&1 </dev/null &
  echo $! >"$APP_PID"
  echo "$APP_PORT" >"$STATE/app.port"
  for _ in $(seq 1 150); do
    if healthy; then return; fi
    alive "$APP_PID" || break
    sleep 0.2
  done
  fail "The application does not answer." "See $LOGS/app.log."
}

stop_application() {
  if alive "$APP_PID"; then
    say "Stopping the application"
    end_process "$APP_PID" 10
  fi
}
