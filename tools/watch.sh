#!/usr/bin/env bash
# Started by `./aglyca start`: brings both servers up again when they are gone, and runs what is due each minute.
ROOT=$1; minute=''
while sleep 5; do
    "$ROOT/aglyca" mend >/dev/null 2>&1
    now=$(date +%H:%M)
    if [ "$now" != "$minute" ]; then minute=$now; "$ROOT/aglyca" due >/dev/null 2>&1; fi
done
