# Backups: one file that holds the book's rows and tables, how many there are, and nothing secret of this machine. Made
# aside and moved into place; consistent while the application runs (one transaction reads all). A backup is data: nothing
# that stands in it is run but as a user of one schema beside, and only rows are taken from there.

BACKUPS="$STATE/backups"
BACKUP_FORMAT=oyakata-backup-2
# Made by earlier releases: without counts, with secrets that nobody reads.
EARLIER_FORMAT=oyakata-backup-1
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

# The last part of the owner's URL.
database_name() {
  local path="${OWNER_URL#*://}"
  case "$path" in */*) path="${path#*/}" ;; *) path="" ;; esac
  printf '%s\n' "${path%%[?#]*}"
}

has_tables() { [ "$(as_owner mariadb --batch --skip-column-names -e "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = '$(database_name)' AND table_name = 'people'")" = 1 ]; }

# Rows of each table, by which a restore is proved.
count_rows() {
  local counts
  counts="$(as_owner mariadb --batch --skip-column-names "$1" -e 'SHOW TABLES' | sed "s/.*/SELECT '&', COUNT(*) FROM \`&\`/" | paste -sd'|' | sed 's/|/ UNION ALL /g')"
  as_owner mariadb --batch --skip-column-names "$1" -e "$counts" | tr '\t' ' ' | LC_ALL=C sort
}

# make_backup WORD [FILE]: prints the file that it made.
make_backup() {
  local word="$1" file="${2:-$BACKUPS/$(date +%Y-%m-%dT%H-%M-%S)-$1.tar.gz}" making
  stage "making a backup"
  mkdir -p -- "$(dirname -- "$file")"
  making="$(mktemp -d -- "$STATE/backup.making.XXXXXX")"
  {
    count_rows "$(database_name)" >"$making/before" &&
      as_owner mariadb-dump --single-transaction --skip-lock-tables --triggers --hex-blob --no-tablespaces --skip-dump-date \
      "$(database_name)" >"$making/database.sql" &&
      tail -n 1 -- "$making/database.sql" | grep -q 'Dump completed' &&
      count_rows "$(database_name)" >"$making/after" &&
      LC_ALL=C join -- "$making/before" "$making/after" >"$making/counts" &&
      printf '%s\nmade %s\n' "$BACKUP_FORMAT" "$(date -u +%Y-%m-%dT%H:%M:%SZ)" >"$making/contents" &&
      (cd -- "$making" && sha256sum database.sql counts >sums) &&
      (umask 077 && tar -czf "$file.making" -C "$making" contents sums counts database.sql) &&
      sync -- "$file.making"
  } 2>"$LOGS/backup.log" || { rm -rf -- "$making" "$file.making"; return 1; }
  rm -rf -- "$making"
  mv -f -- "$file.making" "$file"
  [ "$word" != before-update ] || (cd -- "$BACKUPS" && ls -1t -- *-before-update.tar.gz | tail -n +$((KEPT_BEFORE_UPDATE + 1)) | xargs -r rm -f --)
  echo "$file"
}

# What a command that was cut off has left: nobody reads it any more. Called under the lock.
forget_cut_off() { rm -rf -- "$STATE"/backup.making.* "$STATE"/restore.making.*; }

# open_backup FILE FOLDER: takes out what is known by name, as plain files, and checks it; says what is wrong with it.
open_backup() {
  local name parts="contents sums database.sql"
  for name in $parts; do
    tar -xzOf "$1" "$name" >"$2/$name" 2>>"$LOGS/restore.log" || fail "$1 is no whole backup: it can not be unpacked." "Take another one; those of updates lie in $BACKUPS."
  done
  case "$(head -n 1 -- "$2/contents" | tr -d '\0')" in
    "$BACKUP_FORMAT") tar -xzOf "$1" counts >"$2/counts" 2>>"$LOGS/restore.log" || fail "$1 is no whole backup: its counts are missing." "Take another one." ;;
    "$EARLIER_FORMAT") : >"$2/counts" ;;
    *) fail "$1 is no backup that this release knows." "It must be made by ./oyakata backup." ;;
  esac
  (cd -- "$2" && grep -E '^[0-9a-f]{64}  (database\.sql|counts)$' sums >sums.known && grep -q 'database\.sql' sums.known && sha256sum --quiet --check sums.known >>"$LOGS/restore.log" 2>&1) ||
    fail "$1 was changed or damaged: its sums do not agree." "Take another one."
}

SCRATCH_USER=oyakata_scratch

# A restore that is under way is a file: from which schema it takes the rows, and how many there are. An earlier release
# left a folder.
# The schema from which it takes them; nothing when none is.
restoring_from() { [ ! -f "$STATE/restoring" ] || sed -n 's/^from //p' "$STATE/restoring"; }

# drop_beside: takes out the schemas beside the book, but for the one of a restore that was cut off, and their user.
drop_beside() {
  local schema kept
  kept="$(restoring_from)"
  for schema in $(as_owner mariadb --batch --skip-column-names -e "SELECT schema_name FROM information_schema.schemata WHERE schema_name = '$(database_name)_trial' OR schema_name REGEXP '^$(database_name)_scratch_[0-9]+\$'" 2>>"$LOGS/restore.log"); do
    [ "$schema" = "$kept" ] || as_owner mariadb -e "DROP DATABASE IF EXISTS \`$schema\`" 2>>"$LOGS/restore.log" || true
  done
  is_foreign_database || admin_sql -e "DROP USER IF EXISTS '$SCRATCH_USER'@'localhost'" 2>>"$LOGS/restore.log" || true
}

# load_scratch SQL SCHEMA: loads a dump into a schema of its own, as a user who has nothing but that schema, with a client
# that runs no commands and reads no files. Triggers belong to whoever loads them, and stay behind with the schema.
load_scratch() {
  local schema="$2" word options status=0
  as_owner mariadb -e "CREATE DATABASE \`$schema\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci" || return 1
  if is_foreign_database; then
    # The one user there is; the client's own commands are off all the same.
    plain_dump "$1" | as_owner mariadb --sandbox --local-infile=0 "$schema"
    return
  fi
  word="$(random_word)"
  admin_sql <<SQL || return 1
CREATE OR REPLACE USER '$SCRATCH_USER'@'localhost' IDENTIFIED BY '$word' WITH MAX_USER_CONNECTIONS 2;
GRANT ALL ON \`${schema//_/\\_}\`.* TO '$SCRATCH_USER'@'localhost';
SQL
  options="$(umask 077 && mktemp -- "$STATE/restore.making.XXXXXX")"
  printf '[client]\nsocket="%s"\nuser="%s"\npassword="%s"\n' "$(db_socket)" "$SCRATCH_USER" "$word" >"$options"
  plain_dump "$1" | mariadb --defaults-file="$options" --sandbox --local-infile=0 "$schema" || status=$?
  rm -f -- "$options"
  admin_sql -e "DROP USER IF EXISTS '$SCRATCH_USER'@'localhost'" || true
  return "$status"
}

# A dump names who made its triggers; here it is whoever loads them.
plain_dump() { sed -E 's|^/\*!50003 CREATE\*/ /\*!50017 DEFINER=`[^`]*`@`[^`]*`\*/|/*!50003 CREATE*/|' -- "$1"; }

# in_schema NAME STEP...: a step of the program on another schema of the same database.
in_schema() {
  local own="$OWNER_URL" status=0
  OWNER_URL="${OWNER_URL%/*}/$1"
  shift
  database_step "$@" || status=$?
  OWNER_URL="$own"
  return "$status"
}

# A restore that was cut off is finished before anything else: until then the database may be half of each.
finish_restore() {
  local said
  [ -e "$STATE/restoring" ] || return 0
  [ -f "$STATE/restoring" ] || fail "A restore by an earlier release was cut off: the book may be half of each." "Restore the backup again, or the one of before: ./oyakata restore FILE (they lie in $BACKUPS)."
  say "A restore was cut off: finishing it"
  stop_application
  said="$(database_step replace "$(restoring_from)" "$STATE/restoring")" ||
    fail "The restore that was cut off could not be finished: $said" "Restore a backup, this one or the one of before: ./oyakata restore FILE (they lie in $BACKUPS)."
  rm -f -- "$STATE/restoring"
  drop_beside
}
