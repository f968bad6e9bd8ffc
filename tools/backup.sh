# Sourced by aglyca: a backup of all kitchens and the key, checked by restoring it into a server of its own; and back.

BACKUPS=$STATE/backups
own() { mariadb --no-defaults --user="$(id -un)" --socket="$SOCKET" "$@"; }

# dumped FOLDER : the database as it stood at one moment, while it is in use, with the number of rows of each table then.
dumped() {
    mariadb-dump --no-defaults --user="$(id -un)" --socket="$SOCKET" --single-transaction --quick --triggers --routines --hex-blob --skip-dump-date --default-character-set=utf8mb4 aglyca > "$1/aglyca.sql" || die 'the database could not be written down.'
    tail -n 1 "$1/aglyca.sql" | grep -q 'Dump completed' || die 'the backup is not whole.'
}

# tried FILE.sql : loads it into a scratch server and looks at every table.
tried() {
    local dir user=(); dir=$(mktemp -d /tmp/aglyca-try.XXXXXX)
    if [ "$(id -u)" = 0 ]; then user=(--user=mysql); chown mysql "$dir"; fi
    mariadb-install-db --no-defaults "${user[@]}" --datadir="$dir/data" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db >/dev/null 2>&1 || die 'the scratch server could not be made.'
    "$(mariadbd_path)" --no-defaults "${user[@]}" --datadir="$dir/data" --socket="$dir/m.sock" --pid-file="$dir/m.pid" --skip-networking --skip-log-bin --innodb-flush-log-at-trx-commit=0 --innodb-buffer-pool-size=64M --log-error="$dir/m.err" >/dev/null 2>&1 </dev/null &
    local pid=$! fault='' name
    for _ in $(seq 1 100); do mariadb-admin --no-defaults --user="$(id -un)" --socket="$dir/m.sock" ping >/dev/null 2>&1 && break; sleep 0.1; done
    local scratch=(mariadb --no-defaults --user="$(id -un)" --socket="$dir/m.sock")
    "${scratch[@]}" -e 'CREATE DATABASE aglyca CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci' && "${scratch[@]}" aglyca < "$1" || fault='it does not load'
    if [ -z "$fault" ]; then
        for name in $("${scratch[@]}" -N -e 'SHOW TABLES' aglyca); do
            "${scratch[@]}" -N -e "CHECK TABLE \`$name\`" aglyca | tail -n 1 | grep -q 'OK$' || fault="its table $name is damaged"
        done
        [ "$("${scratch[@]}" -N -e 'SELECT COUNT(*) FROM migrations' aglyca)" -gt 0 ] || fault='it has no tables'
    fi
    kill -TERM "$pid"; wait "$pid" 2>/dev/null || true; rm -rf "$dir"
    [ -z "$fault" ] || die "the backup was tried and is no good: $fault."
}

# do_backup [FILE] : prints where it is.
do_backup() {
    local dir file; mkdir -p "$BACKUPS"; chmod 700 "$BACKUPS"
    file=${1:-$BACKUPS/$(date -u +%Y%m%d-%H%M%S).tar.gz}
    dir=$(mktemp -d); chmod 700 "$dir"
    dumped "$dir"
    tried "$dir/aglyca.sql"
    sed -n 's/^APP_KEY=//p' "$ROOT/.env" > "$dir/key"
    (umask 077; tar -C "$dir" -czf "$file.new" aglyca.sql key); mv "$file.new" "$file"; rm -rf "$dir"
    say "Backup: $file ($(du -h "$file" | cut -f1)), tried by loading it into a server of its own."
}

# kept : the seven newest of those that start takes by itself.
kept() { ls -1t "$BACKUPS"/before-*.tar.gz 2>/dev/null | tail -n +8 | xargs -r rm -f; }

# loaded FILE : what it holds takes the place of what is there.
loaded() {
    local dir; dir=$(mktemp -d); chmod 700 "$dir"
    tar -C "$dir" -xzf "$1" aglyca.sql key 2>/dev/null || { rm -rf "$dir"; die "$1 is no backup of Aglyca."; }
    tail -n 1 "$dir/aglyca.sql" | grep -q 'Dump completed' || { rm -rf "$dir"; die "$1 is not whole."; }
    own -e 'DROP DATABASE aglyca; CREATE DATABASE aglyca CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci' && own aglyca < "$dir/aglyca.sql" || { rm -rf "$dir"; die 'the backup could not be loaded.'; }
    if [ -s "$dir/key" ]; then sed -i "s|^APP_KEY=.*|APP_KEY=$(cat "$dir/key")|" "$ROOT/.env"; fi
    rm -rf "$dir"
}

do_restore() {
    [ -f "${1:-}" ] || die 'say which file: ./aglyca restore FILE'
    system_packages; packages; database; environment
    local file; file=$(realpath "$1")
    tar -tzf "$file" aglyca.sql >/dev/null 2>&1 || die "$file is no backup of Aglyca."
    stop_watch; stop_web
    mkdir -p "$BACKUPS"
    if [ -n "$(own -N -e 'SHOW TABLES' aglyca)" ]; then do_backup "$BACKUPS/before-restore-$(date -u +%Y%m%d-%H%M%S).tar.gz"; fi
    loaded "$file"
    say 'It is restored; what was there before is kept as a backup of its own.'
    do_start
}

# migrated : brings the tables up to date, and puts the old ones back when that fails.
migrated() {
    local before=''
    if [ -n "$(own -N -e 'SHOW TABLES' aglyca)" ] && php artisan migrate:status 2>/dev/null | grep -q Pending; then
        before=$BACKUPS/before-$(date -u +%Y%m%d-%H%M%S).tar.gz
        do_backup "$before"; kept
    fi
    php artisan migrate --force >"$STATE/migrate.log" 2>&1 && return 0
    cat "$STATE/migrate.log" >&2
    if [ -n "$before" ]; then loaded "$before"; die "the database could not be brought up to date; it is as it was before (from $before)."; fi
    die 'the database could not be brought up to date.'
}
