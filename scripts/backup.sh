# ./oyakata backup [FILE]: database and secrets in one file, consistent while the application runs.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/packages.sh"
. "$OYAKATA_ROOT/scripts/lib/secrets.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"
. "$OYAKATA_ROOT/scripts/lib/backup.sh"

check_settings
need_node
take_lock
start_database
has_tables || fail "There is nothing to back up yet." "Start first: ./oyakata start"
FILE="${1:-}"
case "$FILE" in "" | /*) ;; *) FILE="${OYAKATA_FROM:-$PWD}/$FILE" ;; esac
MADE="$(make_backup by-hand ${FILE:+"$FILE"})" || { need_room "$STATE" 20; fail "The backup could not be made." "See $LOGS/backup.log."; }
say "Backup made: $MADE"
say "It holds names and passwords' hashes: keep it where only you can read it."
