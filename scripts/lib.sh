# Shared by ./start, ./check and ./cairn. Sourced, not run.
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
data="$root/.data"
export NEXT_TELEMETRY_DISABLED=1

say() { printf '%s\n' "$*"; }
fail() { printf 'error: %s\n' "$*" >&2; exit 1; }

as_root() {
  if [ "$(id -u)" -eq 0 ]; then "$@"; else sudo "$@"; fi
}

# Debian packages, only what is missing.
ensure_debian_packages() {
  local missing=()
  pg_bin >/dev/null 2>&1 || missing+=(postgresql)
  for program in "$@"; do
    command -v "$program" >/dev/null 2>&1 || missing+=("$program")
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  command -v apt-get >/dev/null 2>&1 || fail "please install: ${missing[*]}"
  say "Installing Debian packages: ${missing[*]}"
  as_root apt-get update -qq
  # No cluster of the distribution's own: ours lives in the project.
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
}

# npm packages, when the lock file has changed since the last install. One install at a time.
ensure_npm_packages() {
  mkdir -p "$data"
  local stamp="$root/node_modules/.installed-from" wanted
  wanted=$(sha256sum "$root/package-lock.json" | cut -d' ' -f1)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$wanted" ] && return 0
  (
    flock 9
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$wanted" ] && exit 0
    echo "Installing npm packages (a few minutes the first time)"
    cd "$root" && npm ci --no-audit --no-fund --loglevel=error && printf '%s' "$wanted" >"$stamp"
  ) 9>"$data/npm.lock"
}

free_port() { node "$root/scripts/free-port.mjs" "$@"; }

# ---- PostgreSQL ------------------------------------------------------------------------------
pg_bin() {
  local dir
  dir=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1)
  if [ -n "$dir" ] && [ -x "$dir/initdb" ]; then printf '%s' "$dir"; return 0; fi
  command -v initdb >/dev/null 2>&1 && dirname "$(command -v initdb)"
}

# PostgreSQL refuses to run as root; then the distribution's own user runs it.
as_postgres() {
  if [ "$(id -u)" -eq 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi
}

# start_postgres DIRECTORY [postgres options]: makes the cluster if there is none, starts it on a
# free loopback port, sets PG_PORT and PG_PASSWORD.
start_postgres() {
  local cluster=$1; shift
  local bin pwfile
  bin=$(pg_bin) || fail "PostgreSQL is not installed"
  pwfile="$cluster.password"
  mkdir -p "$(dirname "$cluster")"
  if [ ! -f "$cluster/PG_VERSION" ]; then
    # A half-made cluster has no PG_VERSION at its end; begin again.
    rm -rf "$cluster"; mkdir -p "$cluster"
    (umask 077; node -e 'process.stdout.write(require("crypto").randomBytes(18).toString("hex"))' >"$pwfile")
    if [ "$(id -u)" -eq 0 ]; then
      chown postgres "$cluster" "$pwfile"
      runuser -u postgres -- test -w "$cluster" || fail "the user postgres cannot reach $cluster: a folder above it is closed to other users"
    fi
    chmod 700 "$cluster"
    as_postgres "$bin/initdb" -D "$cluster" -U cairn --pwfile="$pwfile" --auth=scram-sha-256 \
      --encoding=UTF8 --locale=C.UTF-8 >"$cluster.initdb.log" 2>&1 || { cat "$cluster.initdb.log" >&2; fail "initdb failed"; }
  fi
  PG_PASSWORD=$(cat "$pwfile")
  # A cluster left running by a killed start is ours: stop it, then start afresh.
  if as_postgres "$bin/pg_ctl" -D "$cluster" status >/dev/null 2>&1; then
    as_postgres "$bin/pg_ctl" -D "$cluster" -m fast -w stop >/dev/null
  fi
  local try
  for try in 1 2 3; do
    PG_PORT=$(free_port)
    if as_postgres "$bin/pg_ctl" -D "$cluster" -w -t 60 -l "$cluster/server.log" \
      -o "-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $*" start >/dev/null 2>&1; then
      return 0
    fi
  done
  as_postgres tail -n 20 "$cluster/server.log" >&2 || true
  fail "PostgreSQL did not start; its log is $cluster/server.log"
}

stop_postgres() {
  local bin; bin=$(pg_bin) || return 0
  as_postgres "$bin/pg_ctl" -D "$1" -m fast -w stop >/dev/null 2>&1 || true
}

database_url() { printf 'postgresql://cairn:%s@127.0.0.1:%s/%s' "$PG_PASSWORD" "$PG_PORT" "$1"; }

ensure_database() {
  local bin; bin=$(pg_bin)
  local -x PGPASSWORD=$PG_PASSWORD
  local there
  there=$("$bin/psql" -h 127.0.0.1 -p "$PG_PORT" -U cairn -d postgres -Atc "select 1 from pg_database where datname = '$1'")
  [ "$there" = 1 ] || "$bin/createdb" -h 127.0.0.1 -p "$PG_PORT" -U cairn "$1"
}

copy_database() { # copy_database FROM TO
  PGPASSWORD=$PG_PASSWORD "$(pg_bin)/createdb" -h 127.0.0.1 -p "$PG_PORT" -U cairn -T "$1" "$2"
}

run_ts() { node --import "$root/node_modules/tsx/dist/loader.mjs" "$@"; }
