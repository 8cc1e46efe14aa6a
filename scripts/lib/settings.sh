# The settings, from their one list. Each is checked before anything is touched.
SETTINGS_LIST="$OYAKATA_ROOT/scripts/lib/settings.list"

# each_setting COMMAND: COMMAND NAME TAKES RESTARTS OWN HELP for every setting, in the order of the list.
each_setting() {
  local name takes restarts own help
  while IFS='|' read -r name takes restarts own help; do
    name="${name// /}" takes="${takes// /}" restarts="${restarts// /}" own="${own// /}"
    "$1" "$name" "$takes" "$restarts" "$own" "${help# }"
  done < <(grep -v '^#' -- "$SETTINGS_LIST")
}

check_setting() {
  local name="$1" takes="$2" value="${!1:-}"
  [ -n "$value" ] || return 0
  case "$value" in *$'\n'*) fail "$name holds a line break." "Give it in one line." ;; esac
  case "$takes" in
    number)
      if ! [[ "$value" =~ ^[1-9][0-9]{0,4}$ ]] || [ "$value" -gt 65535 ]; then
        fail "$name is “$value”, which is no number from 1 to 65535." "For example: $name=3210 ./oyakata start"
      fi
      ;;
    */*) [[ "/$takes/" == *"/$value/"* ]] || fail "$name is “$value”." "Set it to ${takes//\//, }." ;;
    origin)
      [[ "$value" =~ ^https://[A-Za-z0-9.-]+(:[0-9]{1,5})?$ ]] ||
        fail "$name is “$value”, which is no address over TLS." "For example: $name=https://threads.school.example (docs/network.md)"
      ;;
    listen)
      case "$value" in
        127.* | ::1 | localhost) ;;
        *) [ -n "${OYAKATA_ORIGIN:-}" ] || fail "$name is “$value”: beyond this machine it listens only behind a proxy with TLS." "Name the public address: OYAKATA_ORIGIN=https://threads.school.example (docs/network.md)" ;;
      esac
      ;;
  esac
}
check_settings() { each_setting check_setting; }

# What it was started with beyond its port; a start with other settings is a new start.
print_if_restarts() { [ "$3" != yes ] || printf '%s=%s|' "$1" "${!1:-}"; }
settings_hash() { each_setting print_if_restarts | sha256sum | cut -c1-12; }

# An installation of its own is not the shop's: what the shop has set does not count.
forget_if_empty() { [ "$4" != empty ] || unset "$1"; }
forget_settings() { each_setting forget_if_empty; }

print_help() { printf '  %-27s %s\n' "$1" "$5"; }
settings_help() { each_setting print_help; }
