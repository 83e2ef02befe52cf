# Shared by ./start, ./check and ./cairn. Sourced, not run.
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
# Where everything lies that is kept; CAIRN_DATA=/folder puts it elsewhere.
data=${CAIRN_DATA:-$root/.data}
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

# Makes a cluster aside and renames it when it is whole: killed at any moment, the next start begins anew.
make_cluster() {
  local bin=$1 cluster=$2 pwfile=$3 making
  # A killed start may have left one, and its initdb may still be writing there: never the same folder.
  rm -rf "$cluster" "$cluster".making.* || true
  making=$(mktemp -d "$cluster.making.XXXXXX")
  (umask 077; random_password >"$pwfile")
  if [ "$(id -u)" -eq 0 ]; then
    chown postgres "$making" "$pwfile"
    runuser -u postgres -- test -w "$making" || fail "the user postgres cannot reach $making: a folder above it is closed to other users"
  fi
  chmod 700 "$making"
  as_postgres "$bin/initdb" -D "$making" -U cairn --pwfile="$pwfile" --auth=scram-sha-256 \
    --encoding=UTF8 --locale=C.UTF-8 >"$cluster.initdb.log" 2>&1 || { cat "$cluster.initdb.log" >&2; fail "initdb failed"; }
  mv "$making" "$cluster"
}

random_password() { node -e 'process.stdout.write(require("crypto").randomBytes(18).toString("hex"))'; }

# start_postgres DIRECTORY [postgres options]: makes the cluster if there is none, starts it on a
# free loopback port, sets PG_PORT, PG_PASSWORD (of cairn, who owns the cluster) and APP_PASSWORD (of
# tender, as whom the application comes: no superuser, owner of its own databases alone).
start_postgres() {
  local cluster=$1; shift
  local bin pwfile
  bin=$(pg_bin) || fail "PostgreSQL is not installed"
  pwfile="$cluster.password"
  mkdir -p "$(dirname "$cluster")"
  if [ ! -f "$cluster/PG_VERSION" ]; then make_cluster "$bin" "$cluster" "$pwfile"; fi
  PG_PASSWORD=$(cat "$pwfile")
  # A cluster left running by a killed start is ours: stop it, then start afresh.
  if as_postgres "$bin/pg_ctl" -D "$cluster" status >/dev/null 2>&1; then
    as_postgres "$bin/pg_ctl" -D "$cluster" -m fast -w stop >/dev/null
  fi
  local try
  for try in 1 2 3; do
    PG_PORT=$(free_port)
    if run_postgres "$cluster" "$PG_PORT" "$@"; then
      ensure_app_role "$cluster"
      return 0
    fi
  done
  as_postgres bash -c 'tail -n 20 "$1/start.log" "$1"/log/*' _ "$cluster" >&2 || true
  fail "PostgreSQL did not start; its logs are $cluster/start.log and $cluster/log/"
}

# run_postgres DIRECTORY PORT [postgres options]. Its journal stays small: by default it alone may take a
# gigabyte. Its log says what failed, not what was to be written; a
# week of it is kept, a file for each day of the week.
run_postgres() {
  local cluster=$1 port=$2; shift 2
  as_postgres "$(pg_bin)/pg_ctl" -D "$cluster" -w -t 60 -l "$cluster/start.log" \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' \
      -c max_wal_size=160MB -c min_wal_size=48MB \
      -c log_min_error_statement=panic -c log_error_verbosity=terse \
      -c logging_collector=on -c log_directory=log -c log_filename=weekday-%a.log -c log_file_mode=0600 \
      -c log_rotation_age=1440 -c log_rotation_size=0 -c log_truncate_on_rotation=on $*" start >/dev/null 2>&1
}

# Starts a cluster again on the port it had, unless it runs.
resume_postgres() { # resume_postgres DIRECTORY PORT
  as_postgres "$(pg_bin)/pg_ctl" -D "$1" status >/dev/null 2>&1 || run_postgres "$1" "$2"
}

# Does what needs the database; where that goes away meanwhile it is started again, and the work done again.
with_postgres() { # with_postgres DIRECTORY PORT COMMAND...
  local cluster=$1 port=$2 try; shift 2
  for try in 1 2 3 4 5; do
    if "$@"; then return 0; fi
    # It answers, or will soon: the fault is the command's own.
    if "$(pg_bin)/pg_isready" -q -h 127.0.0.1 -p "$port" -t 5; then return 1; fi
    say "The database went away; starting it again"
    sleep 1
    resume_postgres "$cluster" "$port" || true
  done
  return 1
}

stop_postgres() {
  local bin; bin=$(pg_bin) || return 0
  as_postgres "$bin/pg_ctl" -D "$1" -m fast -w stop >/dev/null 2>&1 || true
}

database_url() { printf 'postgresql://tender:%s@127.0.0.1:%s/%s' "$APP_PASSWORD" "$PG_PORT" "$1"; }

# By its input: what a process is called with, anyone on the machine may read, and a password may be in it.
as_cairn() { # as_cairn DATABASE SQL
  PGPASSWORD=$PG_PASSWORD "$(pg_bin)/psql" -h 127.0.0.1 -p "$PG_PORT" -U cairn -d "$1" -v ON_ERROR_STOP=1 -qAt <<<"$2"
}

ensure_app_role() {
  local pwfile="$1.app-password"
  [ -s "$pwfile" ] || (umask 077; random_password >"$pwfile")
  APP_PASSWORD=$(cat "$pwfile")
  [ "$(as_cairn postgres "select 1 from pg_roles where rolname = 'tender'")" = 1 ] || as_cairn postgres 'create role tender'
  as_cairn postgres "alter role tender login nosuperuser nocreatedb nocreaterole password '$APP_PASSWORD'"
}

# A database that an earlier version made as cairn is handed over, with what is in it.
ensure_database() {
  if [ "$(as_cairn postgres "select 1 from pg_database where datname = '$1'")" != 1 ]; then
    as_cairn postgres "create database \"$1\" owner tender"
  fi
  [ "$(as_cairn postgres "select pg_get_userbyid(datdba) from pg_database where datname = '$1'")" = tender ] || hand_over "$1"
}

hand_over() {
  as_cairn "$1" "do \$\$ declare thing record; begin
    for thing in select c.oid::regclass as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
      where n.nspname = 'public' and c.relkind in ('r', 'v', 'm', 'S')
      order by c.relkind = 'S'
    loop execute format('alter table %s owner to tender', thing.name); end loop;
    execute 'alter schema public owner to tender';
    execute format('alter database %I owner to tender', current_database());
  end \$\$"
}

copy_database() { # copy_database FROM TO
  PGPASSWORD=$PG_PASSWORD "$(pg_bin)/createdb" -h 127.0.0.1 -p "$PG_PORT" -U cairn -O tender -T "$1" "$2"
}

process_start() { sed 's/^.*) //' "/proc/$1/stat" 2>/dev/null | cut -d' ' -f20; }

# Ends the process a note speaks of, and only that one: ids are given out again.
end_noted() { # end_noted FILE PART_OF_ITS_COMMAND
  local pid started
  [ -f "$1" ] || return 0
  read -r pid started <"$1" || true
  if [[ "$pid" =~ ^[0-9]+$ ]] && [ -n "$started" ] && [ "$(process_start "$pid")" = "$started" ] \
    && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$2"; then
    kill "$pid" 2>/dev/null || true
  fi
  rm -f "$1"
}

run_ts() { node --import "$root/node_modules/tsx/dist/loader.mjs" "$@"; }
