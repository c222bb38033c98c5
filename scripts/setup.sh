# Shared by the commands: dependencies from the lock file when they are missing or the lock has changed, and the build.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

need_node() {
  command -v node >/dev/null && command -v npm >/dev/null || { echo "Node.js 20.19 or newer with npm is needed. Install it, then run this again."; exit 1; }
}

install_dependencies() {
  need_node
  local stamp=node_modules/.keep-tab-lock want
  want="$(node -e "const c=require('crypto'),f=require('fs');console.log(c.createHash('sha256').update(f.readFileSync('package-lock.json')).digest('hex'))")"
  if [ "$(cat "$stamp" 2>/dev/null || true)" = "$want" ]; then return; fi
  echo "Installing dependencies from the lock file…"
  npm ci --no-audit --no-fund --loglevel=error
  echo "$want" > "$stamp"
}

build_product() {
  local stamp=.output/.keep-tab-built
  if [ -f "$stamp" ] && [ -z "$(find app core server shared public nuxt.config.ts package-lock.json -newer "$stamp" -print -quit)" ]; then return; fi
  echo "Building…"
  npx nuxt build > .output-build.log 2>&1 || { tail -n 40 .output-build.log; echo "The build failed; the whole log is in .output-build.log."; exit 1; }
  touch "$stamp"
}

# The server keeps little room for what a request leaves, which is collected sooner: some 50 MB less at once.
SERVER="$(cat scripts/server.flags) .output/server/index.mjs"
# Threads share two heaps of the C library instead of one each, another 13 MB.
export MALLOC_ARENA_MAX=2

# Chromium and its driver for the browser tests, from Debian's packages.
install_chromium() {
  if command -v chromium >/dev/null && command -v chromedriver >/dev/null; then return; fi
  local packages="chromium chromium-driver fonts-liberation"
  if [ "$(id -u)" != 0 ]; then
    echo "The browser tests need Debian's packages: $packages. You are not root, so install them with: sudo apt-get install -y $packages"
    exit 1
  fi
  echo "Installing Chromium for the browser tests…"
  apt-get update -qq >/dev/null && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $packages >/dev/null
}
