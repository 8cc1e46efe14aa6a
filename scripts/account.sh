# ./oyakata account NAME: gives an instructor or helper who exists already a one-time code, with which a password is chosen.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/owner-step.sh"

[ -n "${1:-}" ] || fail "Say whom: ./oyakata account \"First Last\"" "The name as it stands in the class."
owner_step "giving a one-time code" "Nothing was changed." account "$1"
