# ./oyakata gauge [PORT]: a simulated micrometer on loopback; one true size a line in, one reading a line out
# (docs/gauges.md). Needs no database.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/packages.sh"

need_node
{ need_modules; } >&2
exec node --import tsx scripts/gauge.ts "$@"
