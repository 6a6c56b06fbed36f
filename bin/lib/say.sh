# shellcheck shell=bash
say() {
    printf -- '- %s\n' "$*"
}

fail() {
    printf 'bin/baton: %s\n' "$*" >&2
    exit 1
}

# Whether something listens on a port of this machine.
port_is_taken() {
    (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null
}

# Runs a command with its output in a log, and shows the end of the log where it fails.
quietly() {
    local log="$DATA/$1.log" sentence="$2"
    shift 2
    if ! "$@" >"$log" 2>&1; then
        tail -n 20 "$log" >&2
        fail "$sentence The whole output is in $log."
    fi
}
