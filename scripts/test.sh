# ./oyakata test [--quick | --only PART]: everything that can be checked, on both cores, against databases and servers of
# its own. It can run while the application runs: other ports, other folders, removed afterwards.
. "$OYAKATA_ROOT/scripts/lib/common.sh"

PARTS=(types lint units data end-to-end machine)
TITLES=([0]="Type check" [1]="Lint and format" [2]="Unit tests: core, demo and interface" [3]="Data tests"
  [4]="End-to-end tests" [5]="Machine room: kills, cuts, updates, backups")
# How long all of it may take in a quiet hour, in seconds. A promise about the whole, not about a part.
PROMISED=480
chosen=("${PARTS[@]}")
case "${1:-}" in
  "") ;;
  --quick) chosen=(types lint units) PROMISED=90 ;;
  --only)
    [[ " ${PARTS[*]} " == *" ${2:-} "* ]] || fail "There is no part “${2:-}”." "Parts: ${PARTS[*]}"
    chosen=("$2") PROMISED=""
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

types() { node_modules/.bin/next typegen && npm run --silent typecheck; }
lint() { npm run --silent lint; }
units() { npm run --silent test:unit -- --silent --json --outputFile="$LOGS/units.json" "$@"; }
# On a database of their own, beside the browsers, which kill theirs.
data() {
  local log="$LOGS/data.json"
  beside data on_database npm run --silent test:data -- --json --outputFile="$log" "$@"
}
on_database() {
  make_state
  take_lock
  start_database
  exec {LOCK_FD}>&-
  OYAKATA_DATABASE_URL="$(owner_url)" OYAKATA_APPLICATION_URL="$(application_url)" "$@"
}
machine() { npm run --silent test:machine -- --json --outputFile="$LOGS/machine.json" "$@"; }
# Two browsers at work need two installations: tests kill servers, and make of the shop what they like.
end-to-end() {
  OYAKATA_TEST_INSTALLATIONS="$(beside one installation_line; beside two installation_line)" \
    PLAYWRIGHT_JSON_OUTPUT_NAME="$LOGS/end-to-end.json" npm run --silent test:e2e -- "$@"
}
installation_line() { echo "$APP_PORT $(owner_url) $STATE"; }

# beside NAME COMMAND...: runs it with the settings of one of the installations.
beside() {
  (
    STATE="$STATE/$1"
    APP_PORT="${APP_PORTS[$1]}"
    export OYAKATA_STATE="$STATE" OYAKATA_PORT="$APP_PORT" OYAKATA_DB_PORT="${DB_PORTS[$1]}"
    LOGS="$STATE/log" SECRETS="$STATE/secrets.env" DB_DIR="$STATE/mariadb" DB_ARGUMENT="--datadir=$STATE/mariadb"
    "${@:2}"
  )
}
remove_all() {
  local name
  [ -z "${watching:-}" ] || kill "$watching" 2>/dev/null || true
  for name in one two data; do
    [ ! -d "$STATE/$name" ] || beside "$name" bash scripts/stop.sh >/dev/null 2>&1 || true
  done
  rm -rf "$STATE"
}
trap remove_all EXIT
# The first builds the release, for which the second waits with its database ready.
start_both() {
  local other status=0
  beside two bash scripts/start.sh &
  other=$!
  beside one bash scripts/start.sh || status=$?
  wait "$other" && [ "$status" = 0 ]
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
node scripts/test/machine-speed.mjs watch "$LOGS/speed" &
watching=$!
disown "$watching"
declare -A APP_PORTS DB_PORTS
app="$APP_PORT" db="$OYAKATA_DB_PORT"
for name in one two data; do
  APP_PORTS[$name]="$app" DB_PORTS[$name]="$db"
  app="$(free_port $((app + 1)))" db="$(free_port $((db + 1)))"
done

# Debian's packages and npm's are fetched at the same time, each from its own server; npm needs one core, so that the
# databases are made on the other.
need_modules &
modules=$!
databases=()
if wanted data || wanted end-to-end || wanted machine; then
  need_program curl curl
  need_program mariadbd mariadb-server
  if wanted end-to-end; then need_program chromium-headless-shell chromium-headless-shell; fi
  if wanted end-to-end; then databases+=(one two); fi
  if wanted data; then databases+=(data); fi
fi
waiting=()
for name in "${databases[@]}"; do
  beside "$name" on_database true &
  waiting+=("$!")
done
for job in "$modules" "${waiting[@]}"; do wait "$job"; done

# Two lines of work keep two cores busy: the browsers, and what needs none. The machine room needs the release that the
# first has built, and waits more than it reckons; so whoever is done first has the units to do beside it.
{
  run types
  run lint
  run data
} &
computing=$!
if wanted end-to-end; then
  start_both || { wait "$computing"; fail "The application for the end-to-end tests does not start."; }
  { run end-to-end; run units; } &
fi
wait "$computing"
run machine
wanted end-to-end || run units
wait

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
node scripts/test/machine-speed.mjs tell "$LOGS/speed" "$SECONDS" $PROMISED
echo "$passed passed, $failed failed"
[ "$failed" = 0 ]
