# ./oyakata restore FILE: puts a backup in the place of what is there, after a backup of that. Proved before it is done.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/installation.sh"

check_settings
FILE="${1:-}"
[ -n "$FILE" ] || fail "Say which backup: ./oyakata restore FILE" "Those of updates lie in $BACKUPS."
case "$FILE" in /*) ;; *) FILE="${OYAKATA_FROM:-$PWD}/$FILE" ;; esac
[ -f "$FILE" ] || fail "There is no file $FILE." "Those of updates lie in $BACKUPS."
need_node
take_lock
: >"$LOGS/restore.log"
start_database
finish_restore
stage "restoring a backup"
RELEASE="$(release_name)"
make_release "$RELEASE"
OPENED="$(mktemp -d -- "$STATE/restore.making.XXXXXX")"
trap 'rm -rf -- "$OPENED"' EXIT
open_backup "$FILE" "$OPENED"

# Loaded beside first: a backup that can not be loaded, or is of a later release, changes nothing.
NAME="$(database_name)"
TRIAL="${NAME}_trial"
load_database "$OPENED/database.sql" "$TRIAL" 2>>"$LOGS/restore.log" || fail "The backup can not be loaded; nothing was changed." "See $LOGS/restore.log."
OWN_URL="$OWNER_URL" OWNER_URL="${OWNER_URL%/*}/$TRIAL"
FOUND="$(database_step pending)" || { OWNER_URL="$OWN_URL"; as_owner mariadb -e "DROP DATABASE \`$TRIAL\`"; fail "$FOUND" "Nothing was changed."; }
OWNER_URL="$OWN_URL"
EXPECTED="$(count_rows "$TRIAL")"
as_owner mariadb -e "DROP DATABASE \`$TRIAL\`"

if has_tables; then
  MADE="$(make_backup before-restore)" || fail "What is there now could not be saved; nothing was changed." "See $LOGS/backup.log."
  say "Backup of what is there now: $MADE"
fi
stop_application
rm -rf -- "$STATE/restoring"
mv -- "$OPENED" "$STATE/restoring"
load_database "$STATE/restoring/database.sql" "$NAME" 2>>"$LOGS/restore.log" || fail "The restore was not finished." "Run ./oyakata start: it finishes it."
[ "$(count_rows "$NAME")" = "$EXPECTED" ] || fail "What was restored is not what the backup holds." "Run ./oyakata start: it restores again."
rm -rf -- "$STATE/restoring"
say "Restored from $FILE:"
while read -r line; do say "  $line rows"; done <<<"$EXPECTED"
say "Start again: ./oyakata start"
