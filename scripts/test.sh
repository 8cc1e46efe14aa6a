# ./oyakata test: type check, lint, unit tests, then end-to-end tests against a database and a server of their own.
# It can run while the application runs: other ports, other folders, removed afterwards.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/own-installation.sh"
own_installation test 3310 3491
. "$OYAKATA_ROOT/scripts/lib/packages.sh"
. "$OYAKATA_ROOT/scripts/lib/secrets.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"

passed=() failed=()

# part NAME COMMAND...: runs one part and remembers how it ended.
part() {
  local name="$1" begin=$SECONDS
  shift
  say "$name"
  if "$@"; then passed+=("$name ($((SECONDS - begin)) s)"); else failed+=("$name ($((SECONDS - begin)) s)"); fi
}

types() { npx next typegen && npm run --silent typecheck; }
data_tests() { OYAKATA_DATABASE_URL="$(owner_url)" OYAKATA_APPLICATION_URL="$(application_url)" npm run --silent test:data; }
end_to_end() { OYAKATA_TEST_OWNER_URL="$(owner_url)" npm run --silent test:e2e; }

# beside KEY COMMAND...: runs a part on the second core; its words go to a log. `told NAME KEY` is how it ended, with its
# words when it failed.
beside() {
  local key="$1" begin=$SECONDS status=0
  shift
  "$@" >"$LOGS/$key.log" 2>&1 || status=$?
  echo "$status $((SECONDS - begin))" >"$LOGS/$key.ended"
}
told() {
  local status seconds
  read -r status seconds <"$LOGS/$2.ended"
  say "$1"
  if [ "$status" = 0 ]; then passed+=("$1 ($seconds s, beside)"); else
    cat -- "$LOGS/$2.log"
    failed+=("$1 ($seconds s, beside)")
  fi
}

need_node
make_state
# Debian's packages and npm's are fetched at the same time; each waits for its own server.
need_modules &
modules=$!
need_program curl curl
need_program mariadbd mariadb-server
need_program chromium chromium
wait "$modules"

# Two cores are kept busy from the first minute to the last. On the second one, one after the other: types and linter, which
# only read; the unit tests; the machine room, which waits a good deal for what it killed and knows its own folders and ports.
# The database is started under the lock, which is free again for the start of the application.
take_lock
start_database
exec {LOCK_FD}>&-
{
  beside types types
  beside lint npm run --silent lint
  beside unit npm run --silent test:unit -- --silent --maxWorkers=1
  beside machine npm run --silent test:machine
} &
second=$!
part "Start of the application" bash scripts/start.sh
part "Data tests" data_tests
part "End-to-end tests" end_to_end
wait "$second"
told "Type check" types
told "Lint and format" lint
told "Unit tests: core, demo and interface" unit
told "Machine room: kills, cuts, updates, backups" machine

echo
echo "What passed:"
for name in "${passed[@]}"; do echo "  ● $name"; done
if [ ${#failed[@]} -gt 0 ]; then
  echo "What failed:"
  for name in "${failed[@]}"; do echo "  ⊘ $name"; done
fi
echo "${#passed[@]} passed, ${#failed[@]} failed"
[ ${#failed[@]} -eq 0 ]
