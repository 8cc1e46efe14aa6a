# ./oyakata summaries: makes the summary of every attempt anew from its record.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/packages.sh"
. "$OYAKATA_ROOT/scripts/lib/secrets.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"
. "$OYAKATA_ROOT/scripts/lib/release.sh"
. "$OYAKATA_ROOT/scripts/lib/application.sh"
. "$OYAKATA_ROOT/scripts/lib/backup.sh"

check_settings
need_node
take_lock
start_database
has_tables || fail "There is nothing to sum up yet." "Start first: ./oyakata start"
stage "making summaries"
RELEASE="$(release_name)"
make_release "$RELEASE"
[ -z "$(database_step pending)" ] || fail "The tables are of an earlier release." "Start first: ./oyakata start"
DONE="$(database_step summaries)" || fail "$DONE" "What was made anew is kept; the rest stands as it was."
say "$DONE"
