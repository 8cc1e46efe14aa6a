# All that a command needs which works on a whole installation: packages, secrets, database, release, application, backup.
. "$OYAKATA_ROOT/scripts/lib/packages.sh"
. "$OYAKATA_ROOT/scripts/lib/secrets.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"
. "$OYAKATA_ROOT/scripts/lib/release.sh"
. "$OYAKATA_ROOT/scripts/lib/application.sh"
. "$OYAKATA_ROOT/scripts/lib/backup.sh"
