#!/usr/bin/env bash
# Installs, builds, loads the demo into a fresh database, starts the server and prints its address.
source "$(dirname "$0")/setup.sh"
install_dependencies
build_product
export HOST="${HOST:-127.0.0.1}" PORT="${PORT:-4310}"
is_free() { node -e "const s=require('net').createServer();s.once('error',()=>process.exit(1));s.listen(+process.env.PORT,process.env.HOST,()=>s.close())"; }
until is_free; do PORT=$((PORT + 1)); done
mkdir -p data
rm -f data/demo.db data/demo.db-wal data/demo.db-shm
export DATABASE_URL="file:data/demo.db" KEEP_TAB_DEMO="R. Fennick"
# the stand-in for a supplier's desk goes with the demo, and ends with it
export DESK_PORT=$((PORT + 80)) KEEP_TAB_DESK="http://127.0.0.1:$((PORT + 80))"
npx tsx standins/desk.ts --port "$DESK_PORT" --with $$ &
npx tsx demo/load.ts --database "$DATABASE_URL"
echo "Keep Tab is at http://$HOST:$PORT — stop it with Ctrl+C."
exec node $SERVER
