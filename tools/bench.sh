# Sourced by aglyca: measures, as ratios in one run on one server. Nothing here passes or fails.
system_packages test; packages; database; environment
cd "$ROOT"
bench_tmp=$(mktemp -d); bench_port=$(php -r '$s=stream_socket_server("tcp://127.0.0.1:0");echo substr(strrchr(stream_socket_get_name($s,false),":"),1);')
bench_env=(AGLYCA_BENCH=1 CACHE_FOLDER="$bench_tmp/cache" LOG_FOLDER="$bench_tmp" APP_ENV=production DB_DATABASE=aglyca_bench APP_CONFIG_CACHE="$bench_tmp/config.php" APP_ROUTES_CACHE="$bench_tmp/routes.php" APP_SERVICES_CACHE="$bench_tmp/services.php" APP_PACKAGES_CACHE="$bench_tmp/packages.php" APP_EVENTS_CACHE="$bench_tmp/events.php")
mariadb --no-defaults --user="$(id -un)" --socket="$SOCKET" -e 'CREATE DATABASE IF NOT EXISTS aglyca_bench'
env "${bench_env[@]}" php artisan migrate:fresh --force -q
env "${bench_env[@]}" php artisan config:cache -q; env "${bench_env[@]}" php artisan route:cache -q; php artisan view:cache -q
bench_web=$(serve "$bench_port" "${bench_env[@]}") || die 'the web server for the benchmark did not start.'
trap 'kill -TERM -- "-$bench_web" 2>/dev/null || true; rm -rf "$bench_tmp"' EXIT
php -d opcache.enable_cli=1 tools/bench.php "http://127.0.0.1:$bench_port" "$@"
