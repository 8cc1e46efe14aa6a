# ./oyakata stop: stops the application and its private database; keeps all data.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"
. "$OYAKATA_ROOT/scripts/lib/application.sh"

stop_application
stop_database
say "Stopped. The data is kept in $STATE"
