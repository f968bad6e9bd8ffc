#!/usr/bin/env bash
# The attack's own database server, up again.
STATE=$AGLYCA_STATE
setsid "$(command -v mariadbd || echo /usr/sbin/mariadbd)" --no-defaults $([ "$(id -u)" = 0 ] && echo --user=mysql) --datadir="$STATE/data" --socket="$STATE/run/m.sock" --pid-file="$STATE/run/m.pid" --log-error="$STATE/run/m.err" --tmpdir="$STATE/tmp" --bind-address=127.0.0.1 --port="$DB_PORT_OF" --skip-name-resolve --skip-log-bin --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci >/dev/null 2>&1 </dev/null &
for _ in $(seq 1 150); do mariadb-admin --no-defaults --socket="$STATE/run/m.sock" ping >/dev/null 2>&1 && exit 0; sleep 0.1; done
exit 1
