# ./oyakata start: everything from a fresh machine to a running application; quick when it has run before.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/packages.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"
. "$OYAKATA_ROOT/scripts/lib/application.sh"

need_node
make_state
need_program curl curl
need_modules
start_database
npm run --silent prepare-database >"$LOGS/prepare.log" 2>&1 ||
  { tail -n 5 "$LOGS/prepare.log" >&2; fail "The tables could not be brought up to date." "See $LOGS/prepare.log; is the database of OYAKATA_DATABASE_URL reachable, and may its user make tables and triggers?"; }
while read -r line; do say "$line"; done <"$LOGS/prepare.log"
start_application
say "Oyakata is at $ADDRESS"
