#!/usr/bin/env bash
# The quick lane, about a minute: types and lint of the core, its tests with the long sweeps over three kinds.
source "$(dirname "$0")/setup.sh"
install_dependencies
[ -f .nuxt/eslint.config.mjs ] || npx nuxt prepare >/dev/null 2>&1
logs="$(mktemp -d)"
trap 'rm -rf "$logs"' EXIT
npx tsc -p core/tsconfig.json --incremental --tsBuildInfoFile node_modules/.cache/core.tsbuildinfo > "$logs/types" 2>&1 & types=$!
npx eslint core --max-warnings 0 --cache --cache-location node_modules/.cache/eslint-core > "$logs/lint" 2>&1 & lint=$!
failed=0
QUICK=1 npx vitest run --project core --reporter=dot --maxWorkers=2 || failed=1
wait $types || { failed=1; cat "$logs/types"; }
wait $lint || { failed=1; cat "$logs/lint"; }
[ "$failed" -eq 0 ] && echo "The quick lane holds."
exit "$failed"
