#!/usr/bin/env bash
# Speed of a large collection, in a database made for this alone: npm run bench:collection -- --json
set -euo pipefail
# shellcheck source=scripts/lib.sh
. "$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)/lib.sh"
cd "$root"
mkdir -p "$data"
own=$(mktemp -d "$data/bench-XXXXXX")
chmod 755 "$own"
cleanup() {
  stop_postgres "$own/postgres" || true
  rm -rf "$own"
}
trap cleanup EXIT
start_postgres "$own/postgres" >&2
ensure_database collection >&2
DATABASE_URL=$(database_url collection)
export DATABASE_URL
run_ts server/start/migrate.ts >&2
run_ts bench/collection.ts "$@"
