# ./oyakata forget NAME: takes a person's name and words out for good; records and marks stay whole.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/packages.sh"
. "$OYAKATA_ROOT/scripts/lib/secrets.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"
. "$OYAKATA_ROOT/scripts/lib/release.sh"
. "$OYAKATA_ROOT/scripts/lib/application.sh"
. "$OYAKATA_ROOT/scripts/lib/backup.sh"

check_settings
NAME="${1:-}"
[ -n "$NAME" ] || fail "Say whom: ./oyakata forget \"First Last\"" "The name as it stands in the class."
need_node
take_lock
start_database
has_tables || fail "There is nobody to forget yet." "Start first: ./oyakata start"
stage "forgetting a person"
RELEASE="$(release_name)"
make_release "$RELEASE"
[ -z "$(database_step pending)" ] || fail "The tables are of an earlier release." "Start first: ./oyakata start"
DONE="$(database_step forget "$NAME")" || fail "$DONE" "Nothing was changed."
while read -r line; do say "$line"; done <<<"$DONE"
holding="$(cd -- "$BACKUPS" 2>/dev/null && ls -1 -- *.tar.gz 2>/dev/null || true)"
if [ -n "$holding" ]; then
  say "These backups were made before and hold the name still; remove them, or forget again after a restore:"
  while read -r file; do say "  $BACKUPS/$file"; done <<<"$holding"
fi
