# ./oyakata start: everything from a fresh machine to a running application; quick when it has run before, and an
# update when the program has changed: what is new is prepared beside what runs, which goes on until all is ready.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/installation.sh"

check_settings
need_room "$STATE" 30
need_node
take_lock
need_program curl curl
forget_cut_off
start_database

RELEASE="$(release_name)"
BEFORE="$(cat -- "$STATE/release" 2>/dev/null || true)"
if [ ! -e "$STATE/restoring" ] && runs_already "$RELEASE"; then
  say "The application runs already"
  say "Oyakata is at $ADDRESS"
  exit 0
fi
make_release "$RELEASE"
finish_restore

stage "bringing the database up to date"
# An empty database has everything before it. Where nothing runs and nothing waits, looking and doing are one step.
PENDING=all DONE="" STATUS=0
if has_tables; then
  if own_pid node "$APP_ARGUMENT" >/dev/null; then LOOK=pending; else LOOK=ready; fi
  PENDING="$(database_step "$LOOK")" || STATUS=$?
  case "$LOOK $STATUS" in
    "ready 0") DONE="$PENDING" PENDING="" ;;
    "pending 0" | "ready 3") ;;
    *) fail "${PENDING:-The database could not be asked.}" "See $LOGS/prepare.log; is the database reachable, and may its user make tables and triggers?" ;;
  esac
fi
stop_application
if port_taken "$APP_PORT"; then
  fail "Port $APP_PORT is taken by another program." "Choose another: OYAKATA_PORT=3211 ./oyakata start"
fi
if [ -n "$PENDING" ] && has_tables; then
  MADE="$(make_backup before-update)" || { [ -z "$BEFORE" ] || ! release_whole "$BEFORE" || run_application "$BEFORE" || true; need_room "$STATE" 30; fail "No backup could be made, so the tables were not touched." "See $LOGS/backup.log."; }
  say "Backup before the tables change: $MADE"
fi
[ -n "$DONE" ] || DONE="$(database_step up)" || fail "$DONE" "See $LOGS/prepare.log; is the database reachable, and may its user make tables and triggers?"
while read -r line; do say "$line"; done <<<"$DONE"
{ touch -- "$STATE/had-book"; } 2>/dev/null || true

if ! run_application "$RELEASE"; then
  end_own node "$APP_ARGUMENT" 3
  tail -n 5 -- "$LOGS/boot.log" >&2 || true
  if [ -z "$PENDING" ] && [ -n "$BEFORE" ] && [ "$BEFORE" != "$RELEASE" ] && release_whole "$BEFORE" && run_application "$BEFORE"; then
    fail "The new release does not answer; the one before runs again at $ADDRESS." "See $LOGS/boot.log and $LOGS/app.log."
  fi
  need_room "$STATE" 20
  fail "The application does not answer." "See $LOGS/boot.log and $LOGS/app.log."
fi
echo "$RELEASE" >"$STATE/release.making" && mv -f -- "$STATE/release.making" "$STATE/release"
say "Oyakata is at $ADDRESS"
