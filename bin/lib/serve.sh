# shellcheck shell=bash
# The web server: PHP's own with four workers. For production see deploy/.

answers() {
    local asks='$c = @file_get_contents($argv[1]); exit($c === false ? 1 : 0);'
    php -d default_socket_timeout=3 -r "$asks" "http://127.0.0.1:$WEB_PORT/up"
}

serve() {
    if is_alive web && answers; then
        say "Already serving"
        return
    fi
    stop_serving >/dev/null
    port_is_taken "$WEB_PORT" && fail "Port $WEB_PORT is taken by something else; choose another with BATON_PORT."
    say "Serving on 127.0.0.1:$WEB_PORT"
    # Addresses may hold secrets (invitations, calendars): requests are not logged.
    # The router takes the working directory to be public/.
    pushd public >/dev/null
    PHP_CLI_SERVER_WORKERS=4 start_process web "$DATA/web.log" "$ROOT/bin/lib/keep.sh" \
        php -q -d variables_order=EGPCS -S "127.0.0.1:$WEB_PORT" \
        "$ROOT/bin/lib/serve.php"
    popd >/dev/null
    local tries
    for tries in $(seq 1 60); do
        if answers; then return; fi
        kill -0 "$STARTED" 2>/dev/null || break
        sleep 0.25
    done
    stop_serving >/dev/null
    tail -n 20 "$DATA/web.log" >&2
    fail "The application does not answer (asked $tries times); its log is $DATA/web.log."
}

keep_running() {
    local name="$1" title="$2"
    shift 2
    is_alive "$name" && return
    say "Starting the $title"
    start_process "$name" "$DATA/$name.log" "$ROOT/bin/lib/keep.sh" "$@"
}

# What is done in the background: the queue, and what the clock brings about.
work_in_background() {
    keep_running queue-worker "queue worker" php artisan queue:work --sleep=1 --tries=3 --max-time=1800
    keep_running scheduler scheduler php artisan schedule:work
}

stop_background() {
    stop_process queue-worker "queue worker"
    stop_process scheduler scheduler
}

stop_serving() {
    stop_process web "web server"
}
