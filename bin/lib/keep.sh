#!/usr/bin/env bash
# Keeps a command running: it is started again whenever it ends, once nothing of it is left.
set -uo pipefail
trap 'trap - TERM; kill -TERM -- -$$ 2>/dev/null; exit 0' TERM INT

while true; do
    "$@" &
    wait $!
    # PHP's server leaves its workers behind when it is killed, and they hold the port.
    for child in $(pgrep -g $$); do
        [ "$child" = $$ ] || kill -KILL "$child" 2>/dev/null
    done
    sleep 1
done
