#!/usr/bin/env bash
# Runs Keep Tab for real on a kept database: DATABASE_URL (a file: or remote libSQL URL), by default data/keep-tab.db.
source "$(dirname "$0")/setup.sh"
install_dependencies
build_product
export PORT="${PORT:-4300}" HOST="${HOST:-127.0.0.1}" DATABASE_URL="${DATABASE_URL:-file:data/keep-tab.db}"
echo "Keep Tab is at http://$HOST:$PORT, keeping its book in ${DATABASE_URL%%\?*}."
exec node $SERVER
