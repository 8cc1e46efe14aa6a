# ./oyakata measure [PART]: speed of the computations, then of an installation of its own.
. "$OYAKATA_ROOT/scripts/lib/common.sh"
. "$OYAKATA_ROOT/scripts/lib/own-installation.sh"
own_installation measure 3330 3501
. "$OYAKATA_ROOT/scripts/lib/packages.sh"
. "$OYAKATA_ROOT/scripts/lib/secrets.sh"
. "$OYAKATA_ROOT/scripts/lib/database.sh"

need_node
make_state
need_program chromium-headless-shell chromium-headless-shell
bash scripts/start.sh
OYAKATA_DATABASE_URL="$(owner_url)" OYAKATA_MEASURED_ADDRESS="http://127.0.0.1:$APP_PORT" OYAKATA_LOG_LEVEL=error \
  node --conditions=react-server --import tsx scripts/measure.ts "$@"
