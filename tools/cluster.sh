# Sourced by aglyca: three database nodes (Galera) and two application servers behind a balancer, on loopback.
#   ./aglyca cluster        brings it up and leaves it up        ./aglyca cluster stop
#   ./aglyca cluster test   drives load through it, kills a node and an application server, rejoins them, and counts
MODULES=$(php -m); system_packages test; packages
v=(); [ -f /usr/lib/galera/libgalera_smm.so ] || v+=(galera-4); command -v haproxy >/dev/null || [ -x /usr/sbin/haproxy ] || v+=(haproxy); command -v rsync >/dev/null || v+=(rsync); command -v lsof >/dev/null || v+=(lsof); need "${v[@]}"
cd "$ROOT"
C=${AGLYCA_CLUSTER:-/var/tmp/aglyca-cluster-$KEY}
# Below 32768, where no outgoing connection can hold one.
B=$((20000 + 0x${KEY:4:3} % 400 * 20))
db_port() { echo $((B + $1)); }; g_port() { echo $((B + 3 + $1)); }; ist_port() { echo $((B + 6 + $1)); }; sst_port() { echo $((B + 9 + $1)); }
WEB=$((B + 16)); DB=$((B + 17)); app_port() { echo $((B + 13 + $1)); }
members="127.0.0.1:$(g_port 1),127.0.0.1:$(g_port 2),127.0.0.1:$(g_port 3)"
c_user=(); [ "$(id -u)" != 0 ] || c_user=(--user=mysql)

# node N [first] : starts one and waits until it has all.
node() {
    local d=$C/n$1 first=(); [ "${2:-}" != first ] || first=(--wsrep-new-cluster)
    mkdir -p "$d"; [ "$(id -u)" != 0 ] || chown mysql "$d"
    [ -d "$d/data/mysql" ] || mariadb-install-db --no-defaults "${c_user[@]}" --datadir="$d/data" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db >/dev/null 2>&1
    setsid "$(mariadbd_path)" --no-defaults "${c_user[@]}" --datadir="$d/data" --socket="$d/m.sock" --pid-file="$d/m.pid" --log-error="$d/log.err" --bind-address=127.0.0.1 --port="$(db_port "$1")" --skip-name-resolve \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --innodb-buffer-pool-size=96M --innodb-flush-log-at-trx-commit=2 --binlog-format=ROW --innodb-autoinc-lock-mode=2 --performance-schema=OFF --log-bin-trust-function-creators=1 \
        --wsrep-on=ON --wsrep-provider=/usr/lib/galera/libgalera_smm.so --wsrep-cluster-name=aglyca --wsrep-cluster-address="gcomm://$members" --wsrep-node-name="n$1" --wsrep-node-address="127.0.0.1:$(g_port "$1")" \
        --wsrep-provider-options="gmcast.listen_addr=tcp://127.0.0.1:$(g_port "$1");ist.recv_addr=127.0.0.1:$(ist_port "$1")" \
        --wsrep-sst-method=rsync --wsrep-sst-receive-address="127.0.0.1:$(sst_port "$1")" "${first[@]}" >/dev/null 2>&1 </dev/null & disown
    for _ in $(seq 1 400); do
        [ "$(mariadb --no-defaults --socket="$d/m.sock" -N -e "SHOW STATUS LIKE 'wsrep_local_state_comment'" 2>/dev/null | cut -f2)" = Synced ] && return 0
        sleep 0.1
    done
    tail -n 5 "$d/log.err" >&2; die "database node $1 did not join."
}
app() {
    local p; p=$(env WEB_USER='' bash -c :; serve "$(app_port "$1")" "${c_env[@]}") || die "application server $1 did not start."
    echo "$p" > "$C/app$1.pid"
}
balancer() {
    cat > "$C/haproxy.cfg" <<HA
# As deploy/haproxy.cfg, with the ports of this machine.
global
    maxconn 2000
    stats socket $C/ha.sock mode 600 level admin
defaults
    timeout connect 2s
    timeout client 40s
    timeout server 40s
    retries 3
    option redispatch
frontend pages
    mode http
    bind 127.0.0.1:$WEB
    default_backend apps
backend apps
    mode http
    balance leastconn
    option forwardfor
    option httpchk GET /up
    # A form is sent again only where it never arrived.
    retry-on conn-failure
    default-server check inter 1s fall 2 rise 2
    server a1 127.0.0.1:$(app_port 1)
    server a2 127.0.0.1:$(app_port 2)
listen database
    mode tcp
    bind 127.0.0.1:$DB
    balance first
    # One node takes all writes, so that no two refuse each other's; the next steps in when it is gone.
    default-server check inter 500ms fall 2 rise 4 on-marked-down shutdown-sessions
    server n1 127.0.0.1:$(db_port 1)
    server n2 127.0.0.1:$(db_port 2) backup
    server n3 127.0.0.1:$(db_port 3) backup
HA
    PATH=$PATH:/usr/sbin haproxy -f "$C/haproxy.cfg" -D -p "$C/ha.pid" || die 'the balancer did not start.'
}
c_stop() {
    local f; kill -TERM $(cat "$C/ha.pid" 2>/dev/null) 2>/dev/null || true
    for f in "$C"/app?.pid; do [ ! -f "$f" ] || kill -KILL -- "-$(cat "$f")" 2>/dev/null || true; done
    for f in "$C"/n?/m.pid; do [ ! -f "$f" ] || kill -KILL "$(cat "$f")" 2>/dev/null || true; done
    sleep 0.5; rm -rf "$C"
}
c_up() {
    c_stop 2>/dev/null; mkdir -p "$C"; chmod 755 "$C"
    say 'Three database nodes'; node 1 first; node 2; node 3
    local secret; secret=$(head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n')
    mariadb --no-defaults --socket="$C/n1/m.sock" -e "CREATE DATABASE aglyca CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; CREATE USER aglyca@'127.0.0.1' IDENTIFIED BY '$secret'; GRANT ALL ON aglyca.* TO aglyca@'127.0.0.1'"
    c_env=(AGLYCA_BENCH=1 APP_ENV=production AGLYCA_DEMO=false MAIL_MAILER=array CACHE_STORE=database LOG_FOLDER="$C" DB_HOST=127.0.0.1 DB_PORT="$DB" DB_PASSWORD="$secret" DB_DATABASE=aglyca APP_CONFIG_CACHE="$C/config.php" APP_ROUTES_CACHE="$C/routes.php" APP_SERVICES_CACHE="$C/services.php" APP_PACKAGES_CACHE="$C/packages.php" APP_EVENTS_CACHE="$C/events.php")
    balancer
    for _ in $(seq 1 50); do php -r '$s=@fsockopen("127.0.0.1",(int)$argv[1],$e,$m,0.2);exit($s?0:1);' "$DB" && break; sleep 0.1; done
    env "${c_env[@]}" php artisan migrate --force >"$C/migrate.log" 2>&1 || { tail -n 12 "$C/migrate.log" >&2; die "the tables could not be made."; }
    env "${c_env[@]}" php artisan config:cache -q; env "${c_env[@]}" php artisan route:cache -q
    say 'Two application servers'; app 1; app 2
    for _ in $(seq 1 60); do [ "$(curl -s -o /dev/null -w '%{http_code}' "http://127.0.0.1:$WEB/up")" = 200 ] && break; sleep 0.2; done
    say "The cluster is at http://127.0.0.1:$WEB"
}
case "${1:-}" in
    stop) c_stop; say 'The cluster is stopped.' ;;
    test)
        c_up
        trap c_stop EXIT
        export CLUSTER=$C CLUSTER_APP1=$(app_port 1) CLUSTER_WEB=$WEB
        php tools/cluster/load.php "http://127.0.0.1:$(app_port 1)" 10 16 "$C/one" ; php tools/cluster/load.php "http://127.0.0.1:$WEB" 10 16 "$C/two"
        php tools/cluster/load.php "http://127.0.0.1:$WEB" 50 16 "$C/kill" & load=$!
        sleep 12; date +%s.%N > "$C/killed-at"
        kill -KILL "$(cat "$C/n1/m.pid")"; kill -KILL -- "-$(cat "$C/app1.pid")"
        say 'Killed: database node 1 and application server 1'
        sleep 18; node 1; app 1; say 'Rejoined both'
        wait "$load"
        php tools/cluster/count.php ;;
    *) c_up ;;
esac
