#!/usr/bin/env bash
# Everything that must hold: set-up, lint, direction of the house, types, unit, outside and browser tests.
# Ends with the plain line "N passed, N failed".
source "$(dirname "$0")/setup.sh"
install_dependencies
install_chromium
passed=0
failed=0
results="$(mktemp -d)"
trap 'rm -rf "$results"' EXIT

step() {
  local name="$1"; shift
  echo; echo "== $name"
  if "$@"; then passed=$((passed + 1)); else failed=$((failed + 1)); echo "-- $name failed"; fi
}
suite() {
  local project="$1"
  echo; echo "== $project tests"
  local report="$results/$project.json"
  npx vitest run --project "$project" --reporter=default --reporter=json --outputFile.json="$report" || true
  read -r p f < <(node -e "
    try { const r = JSON.parse(require('fs').readFileSync('$report')); const broken = r.testResults.filter(t => t.status === 'failed' && t.assertionResults.every(a => a.status !== 'failed')).length
      console.log(r.numPassedTests, r.numFailedTests + broken + (r.numTotalTests === 0 ? 1 : 0)) } catch { console.log(0, 1) }")
  passed=$((passed + p)); failed=$((failed + f))
}

npx nuxt prepare >/dev/null 2>&1
step "lint" npx eslint . --max-warnings 0
step "direction of the house" npx depcruise --config .dependency-cruiser.cjs core app server shared demo
step "types of the core" npx tsc -p core/tsconfig.json
step "types of everything" npx vue-tsc --build --force
suite unit
suite outside
step "build" build_product
suite browser
echo
echo "$passed passed, $failed failed"
[ "$failed" -eq 0 ]
