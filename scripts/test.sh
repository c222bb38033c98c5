#!/usr/bin/env bash
# Everything that must hold: set-up, lint, direction of the house, types, unit, outside and browser tests.
# Two lanes side by side, for two cores; ends with the plain line "N passed, N failed".
source "$(dirname "$0")/setup.sh"
install_dependencies
install_chromium
results="$(mktemp -d)"
touch "$results/failures"
trap 'rm -rf "$results"' EXIT

# One step of the first lane: what it says is shown at the end, and whether it held is counted.
step() {
  local name="$1"; shift
  { echo; echo "== $name, at $SECONDS s"; } >> "$results/steps.log"
  if "$@" >> "$results/steps.log" 2>&1; then echo "1 0" >> "$results/counts"; else
    echo "0 1" >> "$results/counts"; echo "-- $name failed" | tee -a "$results/failures" >> "$results/steps.log"
  fi
}
# One or more projects of the tests; their report is counted, and what failed is said again at the end.
suite() {
  local name="$1"; shift
  echo; echo "== $name tests, at $SECONDS s"
  local report="$results/$name.json"
  npx vitest run "$@" --reporter=default --reporter=json --outputFile.json="$report" || true
  node --import tsx scripts/countTests.ts "$report" >> "$results/counts" 2>> "$results/failures"
}

# The browser's files that the first lane takes, once it is through with its own; the second has all others.
first_lane="$(echo tests/browser/{families,imports,people}.test.ts)"
second_lane="$(ls tests/browser/*.test.ts | grep -vxF "${first_lane// /$'\n'}")"

npx nuxt prepare >/dev/null 2>&1
{
  step "build" build_product
  touch "$results/built"
  step "types of everything" npx vue-tsc --noEmit -p tsconfig.whole.json
  # the core by itself is compiled by the errands, with theirs in it
  step "lint" npx eslint . --max-warnings 0
  step "direction of the house" npx depcruise --config .dependency-cruiser.cjs core app server shared demo
  suite core --project core --maxWorkers=1 >> "$results/steps.log" 2>&1
  suite errands --project errands >> "$results/steps.log" 2>&1
  suite browser-first --project browser $first_lane >> "$results/steps.log" 2>&1
} & first=$!
suite units --project unit --project stubbing --maxWorkers=1
suite outside --project outside --maxWorkers=1
while [ ! -f "$results/built" ]; do sleep 1; done
suite browser --project browser $second_lane
wait $first
cat "$results/steps.log"
[ -s "$results/failures" ] && { echo; echo "== what failed"; cat "$results/failures"; }
read -r passed failed < <(awk '{ p += $1; f += $2 } END { print p, f }' "$results/counts")
echo
echo "in $SECONDS s"
echo "$passed passed, $failed failed"
[ "$failed" -eq 0 ]
