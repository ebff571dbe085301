# bin/mill demo: the database, the caches and the server, all ended together.

demo() {
    local port=8410 host=127.0.0.1 fresh=no content=demo
    while [ $# -gt 0 ]; do
        case "$1" in
            --port) port=${2:-}; shift 2 || stop "--port wants a number." ;;
            --host) host=${2:-}; shift 2 || stop "--host wants an address." ;;
            --fresh) fresh=yes; shift ;;
            --no-demo) content=empty; shift ;;
            *) stop "There is no option '$1'. bin/mill help lists them." ;;
        esac
    done
    [[ $port =~ ^[0-9]+$ ]] && [ "$port" -ge 1 ] && [ "$port" -le 65535 ] || stop "--port must be a number from 1 to 65535, got '$port'."
    need_php
    refuse_open_door "$host"
    refuse_taken_port "$host" "$port"
    printf 'Stone Mill\n' >&2
    set_up_all
    need_writable "$(dirname "$kitchen")" storage/framework storage/logs bootstrap/cache
    prepare_database "$fresh" "$content" "$host"
    serve "$host" "$port" "$content"
}

# Says in one line what cannot be written, before anything is begun.
need_writable() {
    local folder
    for folder in "$@"; do
        mkdir -p "$folder" 2>/dev/null && [ -w "$folder" ] || stop "$folder cannot be written by $(id -un). Run as its owner, or name another database in MILL_DATABASE."
    done
}

is_loopback() { [[ $1 == 127.* || $1 == localhost || $1 == ::1 ]]; }

refuse_open_door() {
    is_loopback "$1" && return 0
    printf 'mill: warning: %s can be reached by others on this network. Traffic is not encrypted.\n' "$1" >&2
    local password=${MILL_PASSWORD:-}
    [ ${#password} -ge 12 ] || stop "--host $1 wants a real password: set MILL_PASSWORD to at least 12 characters."
}

refuse_taken_port() {
    php -r '$s = @stream_socket_server("tcp://".(str_contains($argv[1], ":") ? "[$argv[1]]" : $argv[1]).":$argv[2]", $code, $why); if ($s === false) { fwrite(STDERR, $why); exit(1); }' "$1" "$2" 2>/dev/null ||
        stop "Port $2 on $1 is in use or not allowed. Choose another with --port."
}

prepare_database() {
    local fresh=$1 content=$2 host=$3 kept building
    export DB_DATABASE=$kitchen
    mkdir -p "$(dirname "$kitchen")"
    if [ "$fresh" = yes ] && [ -f "$kitchen" ]; then
        kept="${kitchen%.sqlite}-$(date +%Y-%m-%dT%H-%M-%S).sqlite"
        quietly "Keeping the old database" php artisan mill:backup "$kept"
        rm -f "$kitchen" "$kitchen-wal" "$kitchen-shm"
        printf '  The old database is %s\n' "$kept" >&2
    fi
    if [ ! -f "$kitchen" ]; then
        # Built under another name and moved when whole: a broken start leaves no half kitchen.
        building="$kitchen.new"
        rm -f "$building" "$building-wal" "$building-shm"
        : >"$building"
        DB_DATABASE=$building quietly "Database" php artisan migrate --force --no-interaction
        [ "$content" = empty ] || DB_DATABASE=$building quietly "Demo kitchen" php artisan db:seed --class='Database\Seeders\DemoKitchen' --force --no-interaction
        DB_DATABASE=$building php artisan mill:checkpoint
        mv "$building" "$kitchen"
        rm -f "$building-wal" "$building-shm"
    elif php artisan migrate:status --pending --no-ansi 2>/dev/null | grep -q Pending; then
        quietly "Database" php artisan migrate --force --no-interaction
    fi
    is_loopback "$host" || quietly "Demo password" php artisan mill:password
}

serve() {
    local host=$1 port=$2 content=$3 shown=$1
    [[ $host == *:* ]] && shown="[$host]"
    export APP_CONFIG_CACHE=storage/framework/server-config.php APP_ROUTES_CACHE=storage/framework/server-routes.php
    export APP_EVENTS_CACHE=storage/framework/server-events.php APP_URL="http://$shown:$port"
    export MILL_FACTS="$root/storage/framework/server-facts.php"
    php artisan mill:facts "$MILL_FACTS"
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
    php artisan config:cache -q && php artisan route:cache -q && php artisan event:cache -q && php artisan view:cache -q
    trap 'end_server "$server"' EXIT
    trap 'exit 143' TERM
    trap 'exit 130' INT
    # Its own process group would outlive Ctrl-C; as a child in ours it ends with us.
    (
        cd public
        PHP_CLI_SERVER_WORKERS=${MILL_WORKERS:-4} exec php -d opcache.enable=1 -d opcache.jit=off -d opcache.jit_buffer_size=64M -d opcache.validate_timestamps=0 -d expose_php=0 \
            -d variables_order=EGPCS -d memory_limit=256M -q -S "$shown:$port" \
            "$root/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php" >>"$root/storage/logs/server.log" 2>&1
    ) &
    server=$!
    wait_until_up "$shown" "$port" "$server"
    printf '\n  Stone Mill is at   http://%s:%s\n' "$shown" "$port"
    if [ "$content" = demo ]; then
        is_loopback "$host" && printf '  Sign in as         cook / masa-and-water\n' || printf '  Sign in as         cook / (the password in MILL_PASSWORD)\n'
    else
        printf '  The first page opens your kitchen.\n'
    fi
    printf '  Ctrl-C ends it.\n'
    wait "$server"
}

# PHP's server does not take its workers with it when it is told to end, so each is told.
end_server() {
    local stat pid parent rest
    for stat in /proc/[0-9]*/stat; do
        read -r pid _ _ parent rest 2>/dev/null <"$stat" || continue
        [ "$parent" = "$1" ] && kill -TERM "$pid" 2>/dev/null
    done
    kill -TERM "$1" 2>/dev/null || true
}

wait_until_up() {
    local tries
    for tries in $(seq 1 100); do
        kill -0 "$3" 2>/dev/null || stop "The server ended at once; storage/logs/server.log says why."
        php -r 'exit(@file_get_contents("http://$argv[1]:$argv[2]/icon.svg") === false ? 1 : 0);' "$1" "$2" && return 0
        sleep 0.05
    done
    stop "The server did not answer within 5 s; storage/logs/server.log says why."
}
