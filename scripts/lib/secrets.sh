# The words that this installation keeps to itself: passwords of its database users, and its name in the cookie.

SECRETS="$STATE/secrets.env"
SECRET_NAMES=(DB_PASSWORD OWNER_PASSWORD INSTANCE)

# Reads them, and makes those that are missing: in a new file that takes the old one's place when it is whole, so that a
# cut or a full disk leaves no empty one behind.
load_secrets() {
  local name missing=0 making="$SECRETS.making"
  # shellcheck disable=SC1090
  [ ! -f "$SECRETS" ] || . "$SECRETS" || true
  for name in "${SECRET_NAMES[@]}"; do
    if ! [[ "${!name:-}" =~ ^[0-9a-f]{16,}$ ]]; then
      printf -v "$name" %s "$(random_word)"
      missing=1
    fi
  done
  [ "$missing" = 1 ] || return 0
  (
    umask 077
    for name in "${SECRET_NAMES[@]}"; do printf '%s=%s\n' "$name" "${!name}"; done >"$making" && sync -- "$making"
  ) 2>/dev/null || { rm -f -- "$making"; fail "The secrets could not be written to $STATE." "Is the disk full?"; }
  mv -f -- "$making" "$SECRETS"
}
