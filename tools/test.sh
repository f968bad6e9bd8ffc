# Sourced by aglyca: sets up and passes everything; an argument names one suite.
system_packages test; packages; database; environment
cd "$ROOT"
export DB_PORT DB_PASSWORD=$(cat "$STATE/secret")
# A running application keeps its caches, and the tests do not see them.
# What runs as another user keeps its own files.
export CACHE_FOLDER=$ROOT/storage/framework/testing/cache LOG_FOLDER=$ROOT/storage/framework/testing/logs
export VIEW_COMPILED_PATH=$ROOT/storage/framework/testing/views
rm -rf "$VIEW_COMPILED_PATH"; mkdir -p "$LOG_FOLDER" "$VIEW_COMPILED_PATH"
export APP_CONFIG_CACHE=storage/framework/testing/config.php APP_ROUTES_CACHE=storage/framework/testing/routes.php
suite=${1:-}
# What takes minutes is asked for: what never decides, each rule and caution switched off in turn, and the worst texts.
long=''; if [ "$suite" = --long ]; then long=1; suite=''; fi
if [ -z "$suite" ]; then
    vendor/bin/pint --test -q || die 'the formatting is off: vendor/bin/pint mends it.'
    for strictness in phpstan-core.neon phpstan.neon; do
        vendor/bin/phpstan analyse -c $strictness --no-progress --memory-limit=1G --error-format=raw || die 'static analysis found something.'
    done
    php tools/layers.php
fi
base_port=$(php -r '$s=stream_socket_server("tcp://127.0.0.1:0");echo substr(strrchr(stream_socket_get_name($s,false),":"),1);')
if [ -z "$suite" ] || [ "$suite" = Browser ]; then
    export AGLYCA_BASE=http://127.0.0.1:$base_port
    env DB_DATABASE=aglyca_browser php artisan migrate:fresh --force -q
    browser_web=$(serve "$base_port" DB_DATABASE=aglyca_browser APP_ENV=production) || die 'the web server for the browser tests did not start.'
    trap 'kill -TERM -- "-$browser_web" 2>/dev/null || true' EXIT
fi
if [ -n "$suite" ]; then vendor/bin/phpunit --testsuite "$suite" ${2:+--filter "$2"}; else vendor/bin/phpunit; fi
if [ -n "$long" ]; then
    tools/decides || die 'more never decides than before: tools/decides --show names it.'
    php tools/mixtures.php || die 'a mixture of words broke the reader.'
    php tools/mutate.php
    SHORT=1 "$ROOT/aglyca" attack worst
fi
