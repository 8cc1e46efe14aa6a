# ./oyakata calc KIND ['JSON']: the computing core on the command line; needs no database (see docs/formats/calc.md).
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/packages.sh"

need_node
{ need_modules; } >&2
exec node --import tsx scripts/calc.ts "$@"
