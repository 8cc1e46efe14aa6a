# The owner's steps on the installation in use, while it runs: what account, forget and summaries share.
. "$OYAKATA_ROOT/scripts/lib/installation.sh"

# owner_step DOING WHEN_IT_FAILS WORD [NAME]: runs a step of scripts/prepare-database.ts on up-to-date tables and says
# what it did.
owner_step() {
  local doing="$1" otherwise="$2" line told
  shift 2
  check_settings
  need_node
  take_lock
  start_database
  has_tables || fail "There is nothing yet." "Start first: ./oyakata start"
  stage "$doing"
  RELEASE="$(release_name)"
  make_release "$RELEASE"
  [ -z "$(database_step pending)" ] || fail "The tables are of an earlier release." "Start first: ./oyakata start"
  told="$(database_step "$@")" || fail "$told" "$otherwise"
  while read -r line; do say "$line"; done <<<"$told"
}
