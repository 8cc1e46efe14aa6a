# ./oyakata summaries: makes the summary of every attempt anew from its record.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/owner-step.sh"

owner_step "making summaries" "What was made anew is kept; the rest stands as it was." summaries
