# ./oyakata test [--quick | --only PART]: everything that can be checked, on both cores, against databases and servers of
# its own. It can run while the application runs: other ports, other folders, removed afterwards.
. "$OYAKATA_ROOT/scripts/lib/common.sh"

PARTS=(types lint units data end-to-end machine)
TITLES=([0]="Type check" [1]="Lint and format" [2]="Unit tests: core, demo and interface" [3]="Data tests"
  [4]="End-to-end tests" [5]="Machine room: kills, cuts, updates, backups")
chosen=("${PARTS[@]}")
case "${1:-}" in
  "") ;;
  --quick) chosen=(types lint units) ;;
  --only)
    [[ " ${PARTS[*]} " == *" ${2:-} "* ]] || fail "There is no part “${2:-}”." "Parts: ${PARTS[*]}"
    chosen=("$2")
    ;;
  *) fail "There is no “$1” of test." "./oyakata test [--quick | --only PART], parts: ${PARTS[*]}" ;;
esac
# Further words go to the runner of the one part that was chosen: names of files, for example.
rest=("${@:3}")
wanted() { [[ " ${chosen[*]} " == *" $1 "* ]]; }

. "$OYAKATA_ROOT/scripts/lib/own-installation.sh"
own_installation test 3310 3491
. "$OYAKATA_ROOT/scripts/lib/packages.sh"
. "$OYAKATA_ROOT/scripts/lib/secrets.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"

types() { npx next typegen && npm run --silent typecheck; }
lint() { npm run --silent lint; }
units() { npm run --silent test:unit -- --silent --json --outputFile="$LOGS/units.json" "$@"; }
data() {
  OYAKATA_DATABASE_URL="$(owner_url)" OYAKATA_APPLICATION_URL="$(application_url)" \
    npm run --silent test:data -- --json --outputFile="$LOGS/data.json" "$@"
}
machine() { npm run --silent test:machine -- --json --outputFile="$LOGS/machine.json" "$@"; }
# Two browsers at work need two installations: tests kill servers, and make of the shop what they like.
end-to-end() {
  OYAKATA_TEST_INSTALLATIONS="$(installation_line; second_installation installation_line)" \
    PLAYWRIGHT_JSON_OUTPUT_NAME="$LOGS/end-to-end.json" npm run --silent test:e2e -- "$@"
}
installation_line() { echo "$APP_PORT $(owner_url) $STATE"; }

# second_installation COMMAND...: runs it with the other installation's settings.
second_installation() {
  (
    STATE="$STATE/second"
    APP_PORT="$SECOND_PORT"
    export OYAKATA_STATE="$STATE" OYAKATA_PORT="$APP_PORT" OYAKATA_DB_PORT="$SECOND_DB_PORT"
    LOGS="$STATE/log" SECRETS="$STATE/secrets.env" DB_DIR="$STATE/mariadb" DB_ARGUMENT="--datadir=$STATE/mariadb"
    unset DB_PASSWORD OWNER_PASSWORD INSTANCE
    "$@"
  )
}
remove_both() {
  [ ! -d "$STATE/second" ] || second_installation bash scripts/stop.sh >/dev/null 2>&1 || true
  remove_installation
}
trap remove_both EXIT
start_both() {
  bash scripts/start.sh && second_installation bash scripts/start.sh
}

# run PART: its words go to a log, and how it ended and how long it took beside it.
run() {
  wanted "$1" || return 0
  local begin=$SECONDS status=0
  "$1" "${rest[@]}" >"$LOGS/$1.log" 2>&1 || status=$?
  echo "$status $((SECONDS - begin))" >"$LOGS/$1.ended"
  say "$1: $([ "$status" = 0 ] && echo passed || echo failed), $((SECONDS - begin)) s"
}

need_node
make_state
# Debian's packages and npm's are fetched at the same time; each waits for its own server.
need_modules &
modules=$!
if wanted data || wanted end-to-end || wanted machine; then
  need_program curl curl
  need_program mariadbd mariadb-server
  if wanted end-to-end; then need_program chromium-headless-shell chromium-headless-shell; fi
fi
wait "$modules"

SECOND_PORT="$(free_port $((APP_PORT + 1)))"
SECOND_DB_PORT="$(free_port $((OYAKATA_DB_PORT + 1)))"
export SECOND_PORT SECOND_DB_PORT

# Two lines of work keep two cores busy. What only reads and computes stands beside what starts servers and waits for them.
{
  run types
  run lint
  run units
} &
first=$!
if wanted data || wanted end-to-end; then
  # Under the lock, which is free again for the start of the application.
  take_lock
  start_database
  exec {LOCK_FD}>&-
fi
if wanted end-to-end; then
  start_both || { wait "$first"; fail "The application for the end-to-end tests does not start."; }
fi
run data
run end-to-end &
browsers=$!
wait "$first"
run machine
wait "$browsers"

echo
passed=0 failed=0
for index in "${!PARTS[@]}"; do
  part="${PARTS[index]}"
  wanted "$part" || continue
  read -r status seconds <"$LOGS/$part.ended"
  if [ "$status" = 0 ]; then
    passed=$((passed + 1))
    echo "  ● ${TITLES[index]} ($seconds s)"
  else
    failed=$((failed + 1))
    cat -- "$LOGS/$part.log"
    echo "  ⊘ ${TITLES[index]} ($seconds s): failed"
  fi
done
node scripts/test/slowest.mjs "$LOGS" 20
echo "It took $((SECONDS / 60)) min $((SECONDS % 60)) s."
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
