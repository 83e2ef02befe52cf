#!/usr/bin/env bash
# ./cairn backup FILE, ./cairn restore FILE, ./cairn restore --put-back NAME: with the database that runs
# under ./start, or with one started for this alone.
set -euo pipefail
# shellcheck source=scripts/lib.sh
. "$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)/lib.sh"
command=${1:-}
argument=${2:-}
if [ "$command" = restore ] && [ "$argument" = --put-back ]; then command=put-back; argument=${3:-}; fi
[ -n "$argument" ] || { echo "say ./cairn backup FILE, ./cairn restore FILE or ./cairn restore --put-back NAME" >&2; exit 2; }
[ "$command" = put-back ] || argument=$(readlink -m -- "$argument")
cd "$root"
cluster="$data/postgres"
if [ "$command" = backup ] && [ ! -f "$cluster/PG_VERSION" ]; then echo "nothing is kept here yet: there is no $cluster" >&2; exit 2; fi
ensure_debian_packages >&2
mkdir -p "$data"

exec 8>>"$data/start.lock"
if flock -n 8; then
  trap 'stop_postgres "$cluster" 8>&-' EXIT
  trap 'exit 130' INT
  trap 'exit 143' TERM HUP
  start_postgres "$cluster" 8>&- >&2
else
  # ./start holds it: wait until its database is there.
  for _ in $(seq 1 60); do
    PG_PORT=$(sed -n 4p "$cluster/postmaster.pid" 2>/dev/null || true)
    PG_PASSWORD=$(cat "$cluster.password" 2>/dev/null || true)
    APP_PASSWORD=$(cat "$cluster.app-password" 2>/dev/null || true)
    if [ -n "$PG_PORT" ] && as_cairn postgres 'select 1' >/dev/null 2>&1; then break; fi
    sleep 1
  done
fi
PG_BIN=$(pg_bin)
export PG_BIN PG_PORT PG_PASSWORD APP_PASSWORD
run_ts server/start/backup.ts "$command" "$argument" 8>&-
