#!/usr/bin/env bash
# Speed in the browser on the built application, started for this alone: npm run bench:browser -- --json
# CAIRN_ADDRESS=http://… measures one that runs already.
set -euo pipefail
# shellcheck source=scripts/lib.sh
. "$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)/lib.sh"
cd "$root"
if [ -n "${CAIRN_ADDRESS:-}" ]; then
  run_ts bench/browser.ts "$CAIRN_ADDRESS" "$@"
  exit
fi
mkdir -p "$data"
ensure_debian_packages chromium >&2
own=$(mktemp -d "$data/bench-XXXXXX")
chmod 755 "$own"
CAIRN_DATA="$own" CAIRN_DAILY_COPY=off ./start --example >"$own.log" 2>&1 &
started=$!
cleanup() {
  kill -TERM "$started" 2>/dev/null || true
  wait "$started" 2>/dev/null || true
  rm -rf "$own" "$own.log"
}
trap cleanup EXIT
address=
for ((second = 0; second < 600; second++)); do
  address=$(grep -o 'http://127\.0\.0\.1:[0-9]*' "$own.log" | head -1 || true)
  [ -n "$address" ] && break
  kill -0 "$started" 2>/dev/null || { cat "$own.log" >&2; fail "the application did not start"; }
  sleep 1
done
[ -n "$address" ] || fail "the application did not start within ten minutes"
run_ts bench/browser.ts "$address" "$@"
