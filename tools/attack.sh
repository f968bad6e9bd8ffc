# Sourced by aglyca: hostile values, worst requests, lost updates, hard kills, a frozen database and backups under load,
# on loopback, against a server and a database of its own that are thrown away. Writes docs/attack.md.
system_packages test; packages; database; environment
cd "$ROOT"
a_tmp=$(mktemp -d); chmod 755 "$a_tmp"; a_port=$(php -r '$s=stream_socket_server("tcp://127.0.0.1:0");echo substr(strrchr(stream_socket_get_name($s,false),":"),1);')
a_state=$a_tmp/state; mkdir -p "$a_state"
# A database server of its own: it is killed and frozen.
(
    export AGLYCA_STATE=$a_state
    STATE=$a_state; SOCKET=$STATE/run/m.sock; DB_PORT=$((a_port > 33000 ? a_port - 7001 : a_port + 101))
    echo "$DB_PORT" > "$a_tmp/db_port"; database
)
a_db=$(cat "$a_tmp/db_port")
a_env=(AGLYCA_BENCH=1 AGLYCA_DISK="$a_state" CACHE_FOLDER="$a_tmp/cache" APP_ENV=production AGLYCA_DEMO=false MAIL_MAILER=array LOG_FOLDER="$a_tmp" DB_PORT="$a_db" DB_PASSWORD="$(cat "$a_state/secret")" DB_DATABASE=aglyca APP_CONFIG_CACHE="$a_tmp/config.php" APP_ROUTES_CACHE="$a_tmp/routes.php" APP_SERVICES_CACHE="$a_tmp/services.php" APP_PACKAGES_CACHE="$a_tmp/packages.php" APP_EVENTS_CACHE="$a_tmp/events.php")
env "${a_env[@]}" php artisan migrate:fresh --force -q
env "${a_env[@]}" php artisan config:cache -q; env "${a_env[@]}" php artisan route:cache -q
a_web=$(serve "$a_port" "${a_env[@]}") || die 'the web server for the attack did not start.'
trap 'kill -KILL -- "-$a_web" 2>/dev/null || true; kill -CONT "$(cat "$a_state/run/m.pid")" 2>/dev/null || true; kill -KILL "$(cat "$a_state/run/m.pid")" 2>/dev/null || true; umount -l "$a_state" "$a_state.whole" 2>/dev/null || true; rm -rf "$a_tmp"' EXIT
ATTACK_STATE=$a_state ATTACK_DB=$a_db AGLYCA_CHECKOUT=$ROOT php -d memory_limit=1G tools/attack/run.php "http://127.0.0.1:$a_port" "$@"
