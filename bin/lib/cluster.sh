# The private PostgreSQL cluster: made, opened, started and stopped here. Sourced after common.sh, never run.
#
# It listens on loopback only and lets nobody in without a password (scram-sha-256). Two passwords lie beside it, in files
# that only their owner reads: of the administrator (role brandeon_admin, for these scripts), and of the application (role
# brandeon), which owns its database and nothing else.

postgres_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }

# initdb refuses to run as root: then the cluster belongs to the postgres user.
as_postgres() {
  if [ "$(id -u)" = 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi
}

# secret_file FILE: writes a new password into it, which only its owner reads.
secret_file() {
  as_postgres bash -c 'umask 077; head -c 24 /dev/urandom | base64 | tr "+/" "-_" >"$1"' _ "$1"
}

# admin_sql FOLDER PORT DATABASE [psql's words]: runs SQL from standard input as administrator.
admin_sql() {
  local folder=$1 port=$2 database=$3
  shift 3
  as_postgres env PGPASSFILE="$folder/admin.pgpass" "$(postgres_bin)/psql" -w -q -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$port" -U brandeon_admin -d "$database" "$@"
}

# admin_tool FOLDER TOOL WORDS...: another of PostgreSQL's programs as administrator.
admin_tool() {
  local folder=$1 tool=$2
  shift 2
  as_postgres env PGPASSFILE="$folder/admin.pgpass" "$(postgres_bin)/$tool" -w -h 127.0.0.1 -U brandeon_admin "$@"
}

# Lets the administrator's password be found by psql, for any port: a copied or moved cluster keeps it.
write_passfile() {
  as_postgres bash -c 'umask 077; printf "127.0.0.1:*:*:brandeon_admin:%s\n" "$(cat "$1/admin.secret")" >"$1/admin.pgpass"' _ "$1"
}

# Only with a password, only from this machine.
write_access_rules() {
  as_postgres bash -c 'umask 077; printf "host all all 127.0.0.1/32 scram-sha-256\n" >"$1/data/pg_hba.conf"' _ "$1"
}

make_cluster() {
  local folder=$1
  secret_file "$folder/admin.secret"
  secret_file "$folder/app.secret"
  as_postgres "$(postgres_bin)/initdb" -D "$folder/data" -U brandeon_admin --pwfile="$folder/admin.secret" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 >/dev/null \
    || fail "The database could not be made in $folder."
  write_passfile "$folder"
  write_access_rules "$folder"
}

# The application's role and database, when they are not there yet.
make_database() {
  local folder=$1 port=$2
  {
    printf "create role brandeon login nosuperuser nocreatedb nocreaterole password '%s';\n" "$(as_postgres cat "$folder/app.secret")"
    printf 'create database brandeon owner brandeon;\nrevoke connect on database brandeon from public;\n'
  } | admin_sql "$folder" "$port" postgres || fail "The database could not be made; see $folder/log."
}

# A cluster from before passwords were asked for: whoever could reach it was its superuser. It gets an administrator of
# its own, the application's role loses its rights over everything else, and the door is closed.
close_old_cluster() {
  local folder=$1 port=$2 run_sql
  echo "Closing the database to everybody without a password …"
  secret_file "$folder/admin.secret"
  secret_file "$folder/app.secret"
  run_sql() { as_postgres "$(postgres_bin)/psql" -w -q -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$port" -U "$1" -d "$2"; }
  # The first role of a cluster stays its superuser and cannot be renamed by itself; somebody else does it.
  { echo "create role brandeon_mover superuser login;" | run_sql brandeon postgres \
    && printf "alter role brandeon rename to brandeon_admin; alter role brandeon_admin password '%s'; create role brandeon login password '%s'; alter database brandeon owner to brandeon;" \
      "$(as_postgres cat "$folder/admin.secret")" "$(as_postgres cat "$folder/app.secret")" | run_sql brandeon_mover postgres \
    && run_sql brandeon_mover brandeon <<'SQL'
do $$ declare one record; begin
  for one in select c.oid::regclass as name from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p', 'v', 'm')
    or (c.relnamespace = 'public'::regnamespace and c.relkind = 'S' and not exists (select 1 from pg_depend d where d.objid = c.oid and d.deptype in ('a', 'i')))
  loop execute format('alter table %s owner to brandeon', one.name); end loop;
end $$;
revoke connect on database brandeon from public;
SQL
  } && echo "drop role brandeon_mover;" | run_sql brandeon_admin postgres || fail "The database of an earlier version could not be closed; see $folder/log."
  write_passfile "$folder"
  write_access_rules "$folder"
  as_postgres "$(postgres_bin)/pg_ctl" -D "$folder/data" reload >/dev/null
}

# A folder that was copied while its cluster ran names the process of the original; that one is none of ours.
forget_foreign_process() {
  local folder=$1 note=$1/data/postmaster.pid
  as_postgres test -e "$note" || return 0
  local process place
  process=$(as_postgres sed -n 1p "$note")
  place=$(as_postgres sed -n 2p "$note")
  if [ "$(realpath -m "$place")" != "$(realpath -m "$folder/data")" ] || ! { tr '\0' ' ' <"/proc/$process/cmdline"; } 2>/dev/null | grep -q postgres; then
    as_postgres rm -f "$note"
  fi
}

cluster_runs() { as_postgres "$(postgres_bin)/pg_ctl" -D "$1/data" status >/dev/null 2>&1; }

# start_cluster FOLDER PORT [-W]: makes it when missing and starts it on loopback; the database is called brandeon, and
# the application's role and password are exported. With -W it does not wait for a cluster that was there before; whoever
# connects must be patient. CLUSTER_SETTINGS are further words for the server.
start_cluster() {
  local folder=$1 port=$2 patience=${3:--w} fresh= old=
  [ -n "$(postgres_bin)" ] || fail "PostgreSQL's server is missing. Install the package postgresql."
  mkdir -p "$folder"
  if [ "$(id -u)" = 0 ]; then
    chown postgres "$folder"
    as_postgres test -w "$folder" || fail "The user postgres cannot reach $folder. Put the project in a folder that others may enter."
  fi
  if ! as_postgres test -e "$folder/data/PG_VERSION"; then
    fresh=1
    make_cluster "$folder"
  elif ! as_postgres test -e "$folder/admin.pgpass"; then
    old=1
  fi
  [ -n "$fresh$old" ] && patience=-w
  forget_foreign_process "$folder"
  if ! cluster_runs "$folder"; then
    port_free "$port" || fail "Port $port, which the database uses, is taken. Set BRANDEON_DB_PORT to another one."
    as_postgres "$(postgres_bin)/pg_ctl" -D "$folder/data" "$patience" -l "$folder/log" \
      -o "-c listen_addresses=127.0.0.1 -c port=$port -c unix_socket_directories='' -c max_connections=100 ${CLUSTER_SETTINGS:-}" start >/dev/null \
      || fail "The database did not start; see $folder/log."
  fi
  [ -z "$old" ] || close_old_cluster "$folder" "$port"
  [ -z "$fresh" ] || make_database "$folder" "$port"
  export BRANDEON_DB_USER=brandeon BRANDEON_DB_PASSWORD
  BRANDEON_DB_PASSWORD=$(as_postgres cat "$folder/app.secret")
}

stop_cluster() {
  forget_foreign_process "$1"
  as_postgres "$(postgres_bin)/pg_ctl" -D "$1/data" -m fast -w stop >/dev/null 2>&1 || true
}
