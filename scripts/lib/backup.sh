# Backups: one file that holds the database, the secrets and a list of what is inside. Made aside and moved into place;
# consistent while the application runs (one transaction reads all).

BACKUPS="$STATE/backups"
BACKUP_FORMAT=oyakata-backup-1
# How many of those that updates make are kept. Backups that a person asked for are never removed.
KEPT_BEFORE_UPDATE=5

# Runs a client program of the database (mariadb, mariadb-dump) as whoever owns the tables.
as_owner() {
  local program="$1" options
  shift
  if ! is_foreign_database; then
    "$program" --no-defaults --socket="$(db_socket)" --user="$(id -un)" "$@"
    return
  fi
  need_program "$program" mariadb-client >&2
  options="$(mktemp)"
  chmod 600 "$options"
  # By the environment: arguments are there for everybody to read.
  URL_OF_OWNER="$OWNER_URL" node -e 'const u = new URL(process.env.URL_OF_OWNER); const d = decodeURIComponent;
    console.log(["[client]", `host=${u.hostname}`, `port=${u.port || 3306}`, `user="${d(u.username)}"`, `password="${d(u.password)}"`].join("\n"))' >"$options"
  local status=0
  "$program" --defaults-file="$options" "$@" || status=$?
  rm -f -- "$options"
  return "$status"
}

database_name() { URL_OF_OWNER="$OWNER_URL" node -e 'console.log(new URL(process.env.URL_OF_OWNER).pathname.slice(1))'; }

has_tables() { [ "$(as_owner mariadb --batch --skip-column-names -e "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = '$(database_name)' AND table_name = 'people'")" = 1 ]; }

# Rows of each table, by which a restore is proved.
count_rows() {
  local table
  for table in $(as_owner mariadb --batch --skip-column-names "$1" -e 'SHOW TABLES' | sort); do
    printf '%s %s\n' "$table" "$(as_owner mariadb --batch --skip-column-names "$1" -e "SELECT COUNT(*) FROM \`$table\`")"
  done
}

# make_backup WORD [FILE]: prints the file that it made.
make_backup() {
  local word="$1" file="${2:-$BACKUPS/$(date +%Y-%m-%dT%H-%M-%S)-$1.tar.gz}" making
  stage "making a backup"
  mkdir -p -- "$(dirname -- "$file")"
  making="$(mktemp -d -- "$STATE/backup.making.XXXXXX")"
  {
    as_owner mariadb-dump --single-transaction --skip-lock-tables --triggers --hex-blob --no-tablespaces --skip-dump-date \
      "$(database_name)" >"$making/database.sql" &&
      tail -n 1 -- "$making/database.sql" | grep -q 'Dump completed' &&
      cp -- "$SECRETS" "$making/secrets.env" &&
      printf '%s\nmade %s\n' "$BACKUP_FORMAT" "$(date -u +%Y-%m-%dT%H:%M:%SZ)" >"$making/contents" &&
      (cd -- "$making" && sha256sum database.sql secrets.env >sums) &&
      (umask 077 && tar -czf "$file.making" -C "$making" contents sums secrets.env database.sql) &&
      sync -- "$file.making"
  } 2>"$LOGS/backup.log" || { rm -rf -- "$making" "$file.making"; return 1; }
  rm -rf -- "$making"
  mv -f -- "$file.making" "$file"
  [ "$word" != before-update ] || (cd -- "$BACKUPS" && ls -1t -- *-before-update.tar.gz | tail -n +$((KEPT_BEFORE_UPDATE + 1)) | xargs -r rm -f --)
  echo "$file"
}

# open_backup FILE FOLDER: unpacks and checks it; says what is wrong with it.
open_backup() {
  tar -xzf "$1" -C "$2" 2>>"$LOGS/restore.log" || fail "$1 is no whole backup: it can not be unpacked." "Take another one; those of updates lie in $BACKUPS."
  [ "$(head -n 1 -- "$2/contents" 2>/dev/null)" = "$BACKUP_FORMAT" ] || fail "$1 is no backup that this release knows." "It must be made by ./oyakata backup."
  (cd -- "$2" && sha256sum --quiet --check sums >>"$LOGS/restore.log" 2>&1) || fail "$1 was changed or damaged: its sums do not agree." "Take another one."
}

# load_database SQL SCHEMA: empties a schema and fills it.
load_database() {
  as_owner mariadb -e "DROP DATABASE IF EXISTS \`$2\`; CREATE DATABASE \`$2\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci" &&
    as_owner mariadb "$2" <"$1"
}

# A restore that was cut off is finished before anything else: until then the database may be half of each.
finish_restore() {
  [ -f "$STATE/restoring/database.sql" ] || return 0
  say "A restore was cut off: finishing it"
  load_database "$STATE/restoring/database.sql" "$(database_name)" || fail "The restore could not be finished." "See $LOGS/restore.log."
  rm -rf -- "$STATE/restoring"
}
