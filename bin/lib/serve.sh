# bin/mill demo: the database, the caches and the servers, all ended together.

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
    set_up_servers
    need_writable "$(dirname "$kitchen")" storage/framework storage/logs bootstrap/cache
    prepare_kitchen "$fresh" "$content"
    is_loopback "$host" || [ "$whose" != demo ] || quietly "Demo password" php artisan mill:password
    serve "$host" "$port"
}

# Says in one line what cannot be written, before anything is begun.
need_writable() {
    local folder
    for folder in "$@"; do
        mkdir -p "$folder" 2>/dev/null && [ -w "$folder" ] || stop "$folder cannot be written by $(id -un). Run as its owner, or name another database in MILL_DATABASE."
    done
    # What is kept here is nobody else's business.
    chmod 700 storage "$(dirname "$kitchen")" 2>/dev/null || true
    chmod 600 .env 2>/dev/null || true
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

# Sets `whose`: demo, own or nobody's kitchen.
prepare_kitchen() {
    local fresh=$1 content=$2 options=() said
    [ "$fresh" = no ] || options+=(--fresh)
    [ "$content" = empty ] || options+=(--demo)
    step "Kitchen"
    said=$(mktemp)
    if ! whose=$(php artisan mill:prepare "${options[@]}" 2>"$said"); then
        printf 'failed\n' >&2
        stop "$(cat "$said"; rm -f "$said")"
    fi
    printf 'done\n' >&2
    cat "$said" >&2
    rm -f "$said"
}

serve() {
    local host=$1 port=$2
    address=$host
    [[ $host == *:* ]] && address="[$host]"
    # Short, since the name of a socket may not be long. What is cached is this house's: another may be served from the same folder.
    run=$(mktemp -d /tmp/mill.XXXXXX)
    export APP_CONFIG_CACHE=$run/config.php APP_ROUTES_CACHE=$run/routes.php APP_EVENTS_CACHE=$run/events.php
    export APP_URL="http://$address:$port" MILL_FACTS=$run/facts.php MILL_MEMORY=$run/memory
    php artisan mill:facts "$MILL_FACTS"
    php artisan config:cache -q && php artisan route:cache -q && php artisan event:cache -q && php artisan view:cache -q
    unset MILL_PASSWORD
    fpm_config >"$run/fpm.conf"
    nginx_config "$address" "$port"
    rotate_log storage/logs/server.log
    fpm=0 nginx=0 watcher=0 looking=0
    trap 'end_servers' EXIT
    trap 'exit 143' TERM HUP
    trap 'exit 130' INT
    trap 'stop "$(cat "$run/damaged")"' USR1
    hold_the_lifeline
    begin_fpm
    begin_nginx
    wait_until_up "$address" "$port"
    tell "$host" "$port"
    look_through
    keep_up
}

# All of a large kitchen takes a while to read: nobody waits for it, but a damaged one is not written to for long.
look_through() {
    # A group of its own, so that the house can end it: left alone it would go on after the files that it reads are gone.
    setsid bash -c '
        said=$(php artisan mill:look-through 2>&1) && exit 0
        printf "%s" "$said" >"$1/damaged"
        kill -USR1 "$2"
    ' looking "$run" $$ >/dev/null 2>&1 9>&- &
    looking=$!
    echo "$looking" >"$run/looking.group"
}

tell() {
    printf '\n  Stone Mill is at   http://%s:%s\n' "$address" "$2"
    case "$whose" in
        demo) is_loopback "$1" && printf '  Sign in as         cook / masa-and-water\n' || printf '  Sign in as         cook / (the password in MILL_PASSWORD)\n' ;;
        nobody) printf '  The first page opens your kitchen.\n' ;;
    esac
    printf '  Ctrl-C ends it.\n'
}

fpm_config() {
    cat <<CONFIG
[global]
error_log = $root/storage/logs/server.log
log_level = warning
daemonize = no
[mill]
listen = $run/fpm.sock
listen.mode = 0600
pm = static
pm.max_children = ${MILL_WORKERS:-8}
pm.max_requests = 5000
; No answer takes nearly so long; what does is stuck.
request_terminate_timeout = 30s
clear_env = no
catch_workers_output = yes
php_admin_value[memory_limit] = 256M
php_admin_value[post_max_size] = 12M
php_admin_flag[expose_php] = off
php_admin_flag[display_errors] = off
CONFIG
}

# The files that a house is served with from elsewhere (deploy/), with this one's places.
nginx_config() {
    local part
    for part in http server; do here <"deploy/nginx/$part.conf" >"$run/$part.conf"; done
    here <deploy/nginx/demo.conf | sed -e "s|@LISTEN@|$1:$2|g" -e "s|@USER@|$([ "$(id -u)" -eq 0 ] && echo 'user root;')|" >"$run/nginx.conf"
    [ ! -e /usr/lib/nginx/modules/ngx_http_brotli_filter_module.so ] || cp deploy/nginx/brotli.conf "$run/brotli.conf"
}

here() { sed -e "s|/srv/stone-mill|$root|g" -e "s|/run/stone-mill|$run|g"; }

# Everything that was begun ends when this process does, however it does: its end closes the lifeline, which the watcher holds.
hold_the_lifeline() {
    rm -f "$run/lifeline"
    mkfifo "$run/lifeline"
    setsid bash -c '
        read -r _ <"$1/lifeline"
        for server in looking fpm nginx; do
            [ -f "$1/$server.group" ] && kill -KILL -- "-$(cat "$1/$server.group")" 2>/dev/null
        done
        rm -rf "$1"
    ' watcher "$run" >/dev/null 2>&1 9>&- &
    watcher=$!
    exec 9>"$run/lifeline"
}

begin_fpm() {
    local version root_flag=()
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    [ "$(id -u)" -ne 0 ] || root_flag=(--allow-to-run-as-root)
    # Compiled code is shared by all workers. Machine code is not made: under it PHP 8.2 has been seen to refuse what is right.
    setsid "php-fpm$version" --nodaemonize --fpm-config "$run/fpm.conf" "${root_flag[@]}" -d opcache.enable=1 -d opcache.jit=disable \
        -d opcache.validate_timestamps=0 -d opcache.preload="$root/bin/lib/preload.php" -d opcache.preload_user="$(id -un)" \
        -d variables_order=EGPCS >>storage/logs/server.log 2>&1 9>&- &
    fpm=$!
    echo "$fpm" >"$run/fpm.group"
    local tries
    for tries in $(seq 1 100); do
        [ -S "$run/fpm.sock" ] && return 0
        sleep 0.05
    done
}

begin_nginx() {
    setsid nginx -c "$run/nginx.conf" -e "$root/storage/logs/server.log" >>storage/logs/server.log 2>&1 9>&- &
    nginx=$!
    echo "$nginx" >"$run/nginx.group"
}

# Both masters begin workers anew that die; this begins a master anew, and gives up on one that ends again as soon as it has begun.
keep_up() {
    local at_once=0 begun
    while :; do
        begun=$(date +%s%N)
        wait -n "$fpm" "$nginx" "$watcher" || true
        [ $(($(date +%s%N) - begun)) -lt 500000000 ] && at_once=$((at_once + 1)) || at_once=0
        [ "$at_once" -le 8 ] || stop "The server ends as soon as it has begun, again and again; storage/logs/server.log says why."
        kill -0 "$watcher" 2>/dev/null || { exec 9>&-; hold_the_lifeline; }
        kill -0 "$fpm" 2>/dev/null || { kill -KILL -- "-$fpm" 2>/dev/null; rm -f "$run/fpm.sock"; begin_fpm; }
        kill -0 "$nginx" 2>/dev/null || { kill -KILL -- "-$nginx" 2>/dev/null; sleep 0.1; begin_nginx; }
    done
}

end_servers() {
    local group
    for group in "$looking" "$nginx" "$fpm"; do
        [ "$group" -eq 0 ] || kill -TERM -- "-$group" 2>/dev/null || true
    done
    wait "$looking" "$nginx" "$fpm" 2>/dev/null || true
}

# Begins a new log when the old one has grown; two are kept.
rotate_log() {
    [ -f "$1" ] && [ "$(stat -c %s "$1")" -gt 5000000 ] || return 0
    mv -f "$1.1" "$1.2" 2>/dev/null || true
    mv -f "$1" "$1.1"
}

wait_until_up() {
    local tries
    for tries in $(seq 1 100); do
        kill -0 "$nginx" 2>/dev/null && kill -0 "$fpm" 2>/dev/null || stop "The server ended at once; storage/logs/server.log says why."
        php -r 'exit(str_contains((string) @file_get_contents("http://$argv[1]:$argv[2]/up"), "true") ? 0 : 1);' "$1" "$2" && return 0
        sleep 0.05
    done
    stop "The server did not answer within 5 s; storage/logs/server.log says why."
}
