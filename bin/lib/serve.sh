# shellcheck shell=bash
# The demo's web server: PHP's own with four workers. For production see deploy/.

WEB_PID="$DATA/web.pid"

answers() {
    php -d default_socket_timeout=3 -r '$c = @file_get_contents($argv[1]); exit($c === false ? 1 : 0);' "http://127.0.0.1:$WEB_PORT/up"
}

serve_demo() {
    if is_running "$WEB_PID" && answers; then
        say "Already serving"
        return
    fi
    stop_serving >/dev/null
    port_is_taken "$WEB_PORT" && fail "Port $WEB_PORT is taken by something else; choose another with BATON_PORT."
    say "Serving on 127.0.0.1:$WEB_PORT"
    # Laravel's router script takes the working directory to be public/.
    pushd public >/dev/null
    PHP_CLI_SERVER_WORKERS=4 setsid nohup php -d variables_order=EGPCS -S "127.0.0.1:$WEB_PORT" \
        ../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php \
        >"$DATA/web.log" 2>&1 </dev/null &
    echo $! >"$WEB_PID"
    popd >/dev/null
    local tries
    for tries in $(seq 1 60); do
        if answers; then return; fi
        is_running "$WEB_PID" || break
        sleep 0.25
    done
    stop_serving >/dev/null
    tail -n 20 "$DATA/web.log" >&2
    fail "The application does not answer (asked $tries times); its log is $DATA/web.log."
}

# Keeps a command running in a process group of its own: it is started again whenever it ends.
keep_running() {
    local name="$1" log="$DATA/$1.log" pid_file="$DATA/$1.pid"
    shift
    if is_running "$pid_file"; then return; fi
    say "Starting the $name"
    # shellcheck disable=SC2016
    setsid nohup bash -c 'while true; do "$@"; sleep 1; done' keep-running "$@" >"$log" 2>&1 </dev/null &
    echo $! >"$pid_file"
}

# What is done in the background: the queue, and what the clock brings about.
work_in_background() {
    keep_running queue-worker php artisan queue:work --sleep=1 --tries=3 --max-time=1800
    keep_running scheduler php artisan schedule:work
}

stop_group() {
    local pid_file="$DATA/$1.pid"
    if is_running "$pid_file"; then
        say "Stopping the $1"
        kill -- "-$(cat "$pid_file")" 2>/dev/null || true
    fi
    rm -f "$pid_file"
}

stop_background() {
    stop_group queue-worker
    stop_group scheduler
}

stop_serving() {
    if is_running "$WEB_PID"; then
        say "Stopping the web server"
        # The server and its workers are one process group.
        kill -- "-$(cat "$WEB_PID")" 2>/dev/null || kill "$(cat "$WEB_PID")" 2>/dev/null || true
    fi
    rm -f "$WEB_PID"
}
