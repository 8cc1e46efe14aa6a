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
forget_cut_off
: >"$LOGS/restore.log"
start_database
stage "restoring a backup"
RELEASE="$(release_name)"
make_release "$RELEASE"
OPENED="$(mktemp -d -- "$STATE/restore.making.XXXXXX")"
trap 'rm -rf -- "$OPENED"' EXIT
open_backup "$FILE" "$OPENED"

# All of it beside first: loaded by a user of that schema alone, then made a book as this program makes one. A restore that
# was cut off stays to be finished until this one is proved: it is the way out of it.
NAME="$(database_name)" SCRATCH="$(database_name)_scratch_$(date +%s)"
# Not through a pipe: who closes it early ends the one who writes, and that would look like a no.
case "$(mariadb --help 2>/dev/null)" in
  *--sandbox*) ;;
  *) fail "The database's client is too old to load a backup safely." "Install mariadb-client 10.11.8 or later. Nothing was changed." ;;
esac
drop_beside
give_up() {
  drop_beside
  fail "$1" "$2"
}
load_scratch "$OPENED/database.sql" "$SCRATCH" 2>>"$LOGS/restore.log" || give_up "The backup can not be loaded; nothing was changed." "See $LOGS/restore.log."
as_owner mariadb -e "CREATE DATABASE \`${NAME}_trial\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
EXPECTED="$(in_schema "${NAME}_trial" replace "$SCRATCH" "$OPENED/counts")" || give_up "$EXPECTED" "Nothing was changed."

if [ -e "$STATE/restoring" ]; then
  say "What is there now is half of a restore that was cut off: it is replaced. The book of before lies in $BACKUPS."
elif has_tables; then
  MADE="$(make_backup before-restore)" || give_up "What is there now could not be saved; nothing was changed." "See $LOGS/backup.log."
  say "Backup of what is there now: $MADE"
fi
stop_application
{ echo "from $SCRATCH" && cat -- "$OPENED/counts"; } >"$OPENED/restoring" && sync -- "$OPENED/restoring"
[ ! -d "$STATE/restoring" ] || rm -rf -- "$STATE/restoring"
mv -f -- "$OPENED/restoring" "$STATE/restoring"
SAID="$(database_step replace "$SCRATCH" "$STATE/restoring")" || fail "The restore was not finished: $SAID" "Run ./oyakata start: it finishes it. Or restore another: ./oyakata restore FILE"
[ "$SAID" = "$EXPECTED" ] || fail "What was restored is not what the backup holds." "Run ./oyakata start: it restores again."
rm -f -- "$STATE/restoring"
drop_beside
touch -- "$STATE/had-book"
say "Restored from $FILE:"
while read -r line; do say "  $line"; done <<<"$EXPECTED"
say "Everybody signs in again; slips that were given are worth nothing."
say "Start again: ./oyakata start"
