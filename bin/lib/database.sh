# shellcheck shell=bash
# MariaDB on loopback with a data folder of the project's own.

DB_DIR="$DATA/mysql"
DB_PID="$DATA/mariadb.pid"

sql() {
    mariadb --no-defaults -h127.0.0.1 -P"$DB_PORT" -uroot -N -e "$1"
}

is_ours() {
    is_running "$DB_PID" && sql "SELECT @@datadir" 2>/dev/null | grep -q "^$DB_DIR/\?$"
}

start_database() {
    if is_ours; then return; fi
    port_is_taken "$DB_PORT" && fail "Port $DB_PORT is taken by something else; choose another with BATON_DB_PORT."
    if [ ! -d "$DB_DIR/mysql" ]; then
        say "Making a data folder for MariaDB"
        rm -rf "$DB_DIR"
        mkdir -p "$DB_DIR"
        quietly mariadb-install "The data folder of MariaDB can't be made." mariadb-install-db --no-defaults --datadir="$DB_DIR" \
            --auth-root-authentication-method=normal --user="$(id -un)" --skip-test-db
    fi
    say "Starting MariaDB on 127.0.0.1:$DB_PORT"
    # A commit is safe when a process dies, not when the machine does: right for a demo and for tests.
    setsid nohup mariadbd --no-defaults --user="$(id -un)" --datadir="$DB_DIR" --socket="$DB_DIR/s.sock" --bind-address=127.0.0.1 \
        --port="$DB_PORT" --pid-file="$DB_PID" --skip-log-bin --innodb-flush-log-at-trx-commit=2 \
        --innodb-buffer-pool-size=256M --max-connections=200 >"$DATA/mariadb.log" 2>&1 </dev/null &
    local tries
    for tries in $(seq 1 150); do
        if is_ours; then return; fi
        sleep 0.2
    done
    tail -n 20 "$DATA/mariadb.log" >&2
    fail "MariaDB does not start (tried $tries times); its log is $DATA/mariadb.log."
}

create_database() {
    sql "CREATE DATABASE IF NOT EXISTS $1 CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
}

stop_database() {
    if ! is_running "$DB_PID"; then
        say "MariaDB is not running"
        return
    fi
    say "Stopping MariaDB"
    local pid
    pid="$(cat "$DB_PID")"
    kill "$pid"
    while kill -0 "$pid" 2>/dev/null; do sleep 0.1; done
}

seed_demo() {
    say "Bringing the tables up to date"
    quietly migrate "The tables can't be made." php artisan migrate --force --no-interaction
    if [ "$(sql "SELECT COUNT(*) FROM openbaton.houses")" = 0 ]; then
        say "Living through ten weeks at Alder & Quill (about a minute)"
        if ! php artisan db:seed --force --no-interaction >"$DATA/seed.log" 2>&1; then
            tail -n 20 "$DATA/seed.log" >&2
            # Half a house is no house: the next start begins anew.
            sql "DROP DATABASE openbaton"
            fail "The demo house can't be made; the whole output is in $DATA/seed.log."
        fi
    fi
}
