# ./oyakata forget NAME: takes a person's name and words out for good; records and marks stay whole.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/owner-step.sh"

[ -n "${1:-}" ] || fail "Say whom: ./oyakata forget \"First Last\"" "The name as it stands in the class."
owner_step "forgetting a person" "Nothing was changed." forget "$1"
holding="$(cd -- "$BACKUPS" 2>/dev/null && ls -1 -- *.tar.gz 2>/dev/null || true)"
if [ -n "$holding" ]; then
  say "These backups were made before and hold the name still; remove them, or forget again after a restore:"
  while read -r file; do say "  $BACKUPS/$file"; done <<<"$holding"
fi
