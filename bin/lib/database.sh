# shellcheck shell=bash
# MariaDB on loopback with a data folder of the project's own.

DB_DIR="$DATA/mysql"
DB_PID="$DATA/mariadb.pid"
# What the application and what migrations sign in with, made once for this data folder.
DB_ACCOUNTS="$DATA/database.env"

# As the server's administrator, who is let in by the socket alone.
sql() {
    mariadb --no-defaults -S "$DB_DIR/s.sock" -u"$(cat "$DB_DIR/.administrator" 2>/dev/null || echo root)" -N -e "$1"
}

is_ours() {
    is_alive mariadb && sql "SELECT 1" >/dev/null 2>&1
}

secret() {
    od -An -N24 -tx1 /dev/urandom | tr -d ' \n'
}

# The application may read and write rows of its tables and nothing else; only the owner makes tables.
make_accounts() {
    if [ ! -f "$DB_ACCOUNTS" ]; then
        (umask 077; printf 'BATON_DB_PASSWORD=%s\nBATON_DB_OWNER_PASSWORD=%s\n' "$(secret)" "$(secret)" >"$DB_ACCOUNTS")
        rm -f "$DATA/accounts.stamp"
    fi
    # shellcheck source=/dev/null
    source "$DB_ACCOUNTS"
    once_for accounts "$(sha256sum "$DB_ACCOUNTS")" grant_accounts
    export DB_USERNAME=openbaton DB_PASSWORD="$BATON_DB_PASSWORD" BATON_DB_PASSWORD
}

grant_accounts() {
    local name
    say "Making the accounts of the database"
    sql "CREATE OR REPLACE USER openbaton@'127.0.0.1' IDENTIFIED BY '$BATON_DB_PASSWORD';
         CREATE OR REPLACE USER openbaton_owner@'127.0.0.1' IDENTIFIED BY '$BATON_DB_OWNER_PASSWORD';"
    for name in 'openbaton' 'openbaton\_%'; do
        sql "GRANT SELECT, INSERT, UPDATE, DELETE ON \`$name\`.* TO openbaton@'127.0.0.1';
             GRANT ALL PRIVILEGES ON \`$name\`.* TO openbaton_owner@'127.0.0.1';"
    done
}

# Runs a command that makes tables, or throws them away.
as_owner() {
    DB_USERNAME=openbaton_owner DB_PASSWORD="$BATON_DB_OWNER_PASSWORD" "$@"
}

start_database() {
    if is_ours; then make_accounts; return; fi
    port_is_taken "$DB_PORT" && fail "Port $DB_PORT is taken by something else; choose another with BATON_DB_PORT."
    if [ ! -d "$DB_DIR/mysql" ]; then
        say "Making a data folder for MariaDB"
        rm -rf "$DB_DIR"
        mkdir -p "$DB_DIR"
        quietly mariadb-install "The data folder of MariaDB can't be made." \
            mariadb-install-db --no-defaults --datadir="$DB_DIR" --user="$(id -un)" --skip-test-db \
            --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)"
        id -un >"$DB_DIR/.administrator"
        rm -f "$DATA/accounts.stamp"
    fi
    say "Starting MariaDB on 127.0.0.1:$DB_PORT"
    # A commit is safe when a process dies, not when the machine does: right for a demo and for tests.
    start_process mariadb "$DATA/mariadb.log" mariadbd --no-defaults --user="$(id -un)" --datadir="$DB_DIR" \
        --socket="$DB_DIR/s.sock" --bind-address=127.0.0.1 --port="$DB_PORT" --pid-file="$DB_PID" \
        --skip-log-bin --innodb-flush-log-at-trx-commit=2 \
        --innodb-buffer-pool-size=256M --max-connections=200
    local tries
    for tries in $(seq 1 150); do
        if is_ours; then make_accounts; return; fi
        sleep 0.2
    done
    tail -n 20 "$DATA/mariadb.log" >&2
    fail "MariaDB does not start (tried $tries times); its log is $DATA/mariadb.log."
}

create_database() {
    sql "CREATE DATABASE IF NOT EXISTS $1 CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
}

stop_database() {
    stop_process mariadb "MariaDB server"
}

# There are no tables yet, or they began with the first migration that there is.
made_by_this_code() {
    local first
    first="$(basename "$(find "$ROOT/database/migrations" -name '*.php' | sort | head -n 1)" .php)"
    [ "$(sql "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = '$DATABASE'")" = 0 ] ||
        [ "$(sql "SELECT COUNT(*) FROM $DATABASE.migrations WHERE migration = '$first'")" = 1 ]
}

migrate() {
    say "Bringing the tables up to date"
    made_by_this_code || fail "The tables were made before the first release; throw them away with bin/baton fresh."
    quietly migrate "The tables can't be made." as_owner php artisan migrate --force --no-interaction
}

has_house() {
    [ "$(sql "SELECT COUNT(*) FROM $DATABASE.houses")" != 0 ]
}

seed_demo() {
    has_house && return
    say "Living through ten weeks at Alder & Quill (a minute and a half)"
    if ! as_owner php artisan db:seed --force --no-interaction >"$DATA/seed.log" 2>&1; then
        tail -n 20 "$DATA/seed.log" >&2
        # Half a house is no house: the next start begins anew.
        sql "DROP DATABASE $DATABASE"
        fail "The demo house can't be made; the whole output is in $DATA/seed.log."
    fi
}
