# shellcheck shell=bash
# Processes of this data folder, found by a mark in their environment: whoever started them, whoever of them has died.

mark_of() {
    printf 'BATON_PROCESS=%s/%s' "$DATA" "$1"
}

# The ids of all processes of a name, or of a child of one, that are alive.
processes_of() {
    grep -lzxF "$(mark_of "$1")" /proc/[0-9]*/environ 2>/dev/null | cut -d/ -f3 || true
}

is_alive() {
    [ -n "$(processes_of "$1")" ]
}

# Starts $3... with its output in a log, on its own; prints nothing, and the id stands in $STARTED.
start_process() {
    local name="$1" log="$2"
    shift 2
    env "$(mark_of "$name")" setsid nohup "$@" >"$log" 2>&1 </dev/null &
    STARTED=$!
}

stop_process() {
    local name="$1" title="$2" tries ids
    ids="$(processes_of "$name")"
    [ -n "$ids" ] || return 0
    say "Stopping the $title"
    # shellcheck disable=SC2086
    kill $ids 2>/dev/null || true
    for tries in $(seq 1 100); do
        ids="$(processes_of "$name")"
        [ -n "$ids" ] || return 0
        sleep 0.1
    done
    # shellcheck disable=SC2086
    kill -KILL $ids 2>/dev/null || true
    say "The $title did not end by itself ($tries times asked)"
}
