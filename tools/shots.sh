# Sourced by aglyca: pictures of the running application.
system_packages test
web_alive || do_start
php "$ROOT/tools/shots.php" "http://127.0.0.1:$PORT" "$@"
