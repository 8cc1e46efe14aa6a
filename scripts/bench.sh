# ./oyakata bench: speed of the computations; needs no database.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/packages.sh"

need_node
need_modules
exec node --import tsx scripts/bench.ts
