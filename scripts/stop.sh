# ./oyakata stop: stops the application and its private database; keeps all data.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"
. "$OYAKATA_ROOT/scripts/lib/application.sh"

check_settings
[ -d "$STATE" ] || { say "Nothing runs: there is no $STATE"; exit 0; }
take_lock
stage "stopping"
stop_application
stop_database
say "Stopped. The data is kept in $STATE"
