# A private MariaDB in the product's own data directory, on loopback. Sourced by ./brachion.

mariadbd_path() { command -v mariadbd || echo /usr/sbin/mariadbd; }

# A socket's path may hold about 100 characters; a deep folder gets its socket elsewhere.
socket_of() {
    local socket=$1/db.sock
    if [ "${#socket}" -gt 95 ]; then
        socket=/tmp/brachion-$(id -u)-$(printf '%s' "$1" | cksum | cut -d' ' -f1).sock
    fi
    echo "$socket"
}

# start_database INSTANCE_DIR [OPTION...]: starts or finds the database there and exports BRACHION_DB_URL, _USER and _PASSWORD.
start_database() {
    local dir=$1
    shift
    mkdir -p "$dir"
    [ -s "$dir/password" ] || (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$dir/password")
    if ! alive "$dir/db.pid" "$dir/data"; then
        [ -d "$dir/data/mysql" ] || create_database "$dir"
        local attempt
        for attempt in 1 2 3; do
            launch_database "$dir" "$(free_port $((20000 + RANDOM % 20000)))" "$@" && break
            [ "$attempt" -lt 3 ] || fail "the database did not start; see $dir/db.log"
        done
    fi
    BRACHION_DB_URL="jdbc:mariadb://127.0.0.1:$(cat "$dir/db.port")/brachion"
    BRACHION_DB_USER=brachion
    BRACHION_DB_PASSWORD=$(cat "$dir/password")
    export BRACHION_DB_URL BRACHION_DB_USER BRACHION_DB_PASSWORD
}

run_as() { [ "$(id -u)" -ne 0 ] || echo --user=root; }

create_database() {
    local dir=$1
    say "Creating a private database in $dir"
    rm -rf "$dir/data"
    mkdir -p "$dir/tmp"
    # shellcheck disable=SC2046
    TMPDIR=$dir/tmp mariadb-install-db --no-defaults --datadir="$dir/data" --auth-root-authentication-method=normal \
        --skip-test-db $(run_as) >"$dir/db-create.log" 2>&1 || fail "creating the database failed; see $dir/db-create.log"
    (umask 077 && cat >"$dir/accounts.sql" <<SQL
delete from mysql.global_priv where user not in ('root', 'mariadb.sys') or (user = 'root' and host <> 'localhost');
flush privileges;
alter user root@localhost identified by '$(cat "$dir/password")';
create database if not exists brachion character set utf8mb4;
create user if not exists brachion@'127.0.0.1' identified by '$(cat "$dir/password")';
grant all on brachion.* to brachion@'127.0.0.1';
grant all on brachion_older.* to brachion@'127.0.0.1';
SQL
    )
}

# launch_database INSTANCE_DIR PORT [OPTION...]
launch_database() {
    local dir=$1 port=$2 socket waited=0 accounts=()
    shift 2
    socket=$(socket_of "$dir")
    [ ! -e "$dir/accounts.sql" ] || accounts=(--init-file="$dir/accounts.sql")
    # a folder of its own for temporary tables: a database that starts clears the folder it is given, another's tables with it
    mkdir -p "$dir/tmp"
    # a session of its own, so that Ctrl-C reaches this script first and the database ends last
    # shellcheck disable=SC2046
    setsid "$(mariadbd_path)" --no-defaults --datadir="$dir/data" --socket="$socket" --pid-file="$dir/mariadbd.pid" --tmpdir="$dir/tmp" \
        --bind-address=127.0.0.1 --port="$port" --skip-name-resolve --character-set-server=utf8mb4 \
        --innodb-buffer-pool-size=64M --innodb-log-file-size=24M --performance-schema=OFF --max-connections=60 \
        "${accounts[@]}" "$@" $(run_as) >"$dir/db.log" 2>&1 </dev/null &
    echo $! >"$dir/db.pid"
    disown
    echo "$port" >"$dir/db.port"
    until MYSQL_PWD=$(cat "$dir/password") mariadb --no-defaults --host=127.0.0.1 --port="$port" --user=brachion \
        --execute='select 1' >/dev/null 2>&1; do
        sleep 0.1
        waited=$((waited + 1))
        { alive "$dir/db.pid" "$dir/data" && [ "$waited" -lt 1800 ]; } || return 1
    done
    rm -f "$dir/accounts.sql"
}

# revive_database INSTANCE_DIR: starts a database that died where the server looks for it.
revive_database() {
    say "The database ended and is started again; see $1/db.log"
    end_process "$1/db.pid" "$1/data"
    cp "$1/db.log" "$1/db-before.log" 2>/dev/null || true
    launch_database "$1" "$(cat "$1/db.port")"
}

stop_database() { end_process "$1/db.pid" "$1/data"; }
