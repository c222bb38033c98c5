#!/usr/bin/env bash
# For work on Keep Tab itself: the development server with reloading, on its own database.
source "$(dirname "$0")/setup.sh"
install_dependencies
export DATABASE_URL="${DATABASE_URL:-file:data/dev.db}"
exec npx nuxt dev --port "${PORT:-4320}"
