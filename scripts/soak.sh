# ./oyakata soak [MINUTES] [PART]: what takes longer than a test may. An installation of its own on loopback is killed, flooded,
# updated and sent nonsense; it ends by itself after the minutes given (default 6, at most 60) and a bounded count.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/packages.sh"

check_settings
MINUTES="${1:-6}"
[[ "$MINUTES" =~ ^[1-9][0-9]?$ ]] && [ "$MINUTES" -le 60 ] || fail "Give the minutes as a number from 1 to 60." "./oyakata soak 6"
forget_settings
unset OYAKATA_STATE
need_node
make_state
need_program curl curl
need_program mariadbd mariadb-server
need_modules
exec node --import tsx scripts/soak/soak.ts "$MINUTES" "${2:-}"
