# What the machine must have, and how it gets it. Each step says what it does; each failure is one line.

php_packages=(php8.2-cli php8.2-sqlite3 php8.2-curl php8.2-gd php8.2-mbstring php8.2-xml php8.2-zip)
export COMPOSER_ALLOW_SUPERUSER=1
# Not from where this is kept.
from_where_the_cook_stands() { [[ $1 == /* ]] && printf '%s' "$1" || printf '%s/%s' "$stands_in" "$1"; }
kitchen=$(from_where_the_cook_stands "${MILL_DATABASE:-$root/storage/kitchen/kitchen.sqlite}")
export MILL_DATABASE=$kitchen
if [ -n "${MILL_COPIES:-}" ]; then MILL_COPIES=$(from_where_the_cook_stands "$MILL_COPIES"); export MILL_COPIES; fi
least_megabytes=600

stop() {
    printf 'mill: %s\n' "$1" >&2
    exit "${2:-1}"
}

step() { printf '  %-46s' "$1" >&2; }

done_in() { printf 'done, %s s\n' "$((SECONDS - $1))" >&2; }

# Runs a step quietly; shows its log only if it fails.
quietly() {
    local title=$1 log began=$SECONDS
    shift
    log=$(mktemp)
    step "$title"
    if ! "$@" >"$log" 2>&1; then
        printf 'failed\n' >&2
        tail -n 20 "$log" >&2
        rm -f "$log"
        stop "$title: failed. The lines above say why."
    fi
    rm -f "$log"
    done_in "$began"
}

need_disk() {
    local free
    free=$(df -Pm "$root" | awk 'NR == 2 {print $4}')
    [ "$free" -ge "$least_megabytes" ] || stop "Only $free MB of disk are free here; $least_megabytes MB are needed."
}

installed() { dpkg-query -W -f='${Status}' "$1" 2>/dev/null | grep -q 'ok installed'; }

# need_packages NAME... : installs what is missing, as root; otherwise names it and stops.
need_packages() {
    local missing=() package
    for package in "$@"; do
        installed "$package" || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    [ "$(id -u)" -eq 0 ] || stop "Debian packages are missing: ${missing[*]}. Install them as root: apt-get install ${missing[*]}"
    need_disk
    quietly "Debian package lists" apt-get update
    quietly "Debian packages: ${missing[*]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"
}

need_php() {
    command -v php >/dev/null && php -r 'exit(PHP_VERSION_ID >= 80200 && extension_loaded("mbstring") ? 0 : 1);' || need_packages "${php_packages[@]}"
}

# Bare Debian's Node is too old for the page's tools: then one comes as an ordinary package into the project's own folder.
own_node=$root/storage/tools
least_node=20
own_node_version=20.20.0

node_is_new_enough() { [ "$(node -p 'process.versions.node.split(".")[0]' 2>/dev/null || echo 0)" -ge "$least_node" ]; }

use_own_node() {
    local folder
    for folder in "$own_node"/node_modules/node-linux-*/bin; do
        [ ! -x "$folder/node" ] || export PATH="$folder:$PATH"
    done
}

need_node() {
    command -v node >/dev/null && command -v npm >/dev/null || need_packages nodejs npm
    node_is_new_enough && return 0
    use_own_node
    node_is_new_enough && return 0
    local machine
    case "$(uname -m)" in
        x86_64) machine=x64 ;;
        aarch64 | arm64) machine=arm64 ;;
        *) stop "Node.js $least_node or newer is needed; this is $(node --version), and there is none to fetch for $(uname -m)." ;;
    esac
    mkdir -p "$own_node"
    quietly "Node.js $own_node_version for this folder" npm install --prefix "$own_node" --no-save --no-audit --no-fund "node-linux-$machine@$own_node_version"
    use_own_node
    node_is_new_enough || stop "Node.js $least_node or newer is needed; this is $(node --version)."
}

# Whether a folder was made from the files named after it, as its stamp says.
is_current() {
    local stamp=$1
    shift
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$(fingerprint "$@")" ]
}

fingerprint() { find "$@" -type f -print0 2>/dev/null | LC_ALL=C sort -z | xargs -0 sha1sum | sha1sum | cut -d' ' -f1; }

# Of all that the front end is built from; the types among it are made from formats at each build.
web_fingerprint() { fingerprint web formats resources/views vite.config.ts bin/lib/service-worker.mjs package-lock.json; }

# The servers that PHP is reached through. Only their programs are wanted, so nothing is started as a service.
set_up_servers() {
    local version policy=/usr/sbin/policy-rc.d
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    command -v nginx >/dev/null && command -v "php-fpm$version" >/dev/null && return 0
    if [ "$(id -u)" -eq 0 ] && [ ! -e "$policy" ]; then
        printf '#!/bin/sh\nexit 101\n' >"$policy" && chmod 755 "$policy"
        trap 'rm -f /usr/sbin/policy-rc.d' EXIT
    fi
    need_packages nginx-light "php$version-fpm"
    if [ -e "$policy" ] && grep -qx 'exit 101' "$policy"; then rm -f "$policy"; fi
    trap - EXIT
}

# What the benchmarks measure beside: the same model in C and in SciPy, and the page in a browser.
need_to_measure() {
    command -v gcc >/dev/null && [ -e /usr/include/math.h ] || need_packages gcc libc6-dev
    /usr/bin/python3 -c 'import scipy' 2>/dev/null || need_packages python3-scipy
    need_browser
}

# Chromium without its windows: the same pages in three quarters of the time.
need_browser() { [ -x /usr/bin/chromium-headless-shell ] || need_packages chromium-headless-shell; }

# Who may not install has the first face alone: everything else works without.
need_faces() {
    [ "$(id -u)" -eq 0 ] || return 0
    need_packages fonts-freefont-ttf fonts-droid-fallback fonts-nanum
}

set_up_php() {
    # Faces of printed pages for scripts that the first one has nothing of.
    [ -e /usr/share/fonts/truetype/freefont/FreeSans.ttf ] && [ -e /usr/share/fonts/truetype/droid/DroidSansFallbackFull.ttf ] && [ -e /usr/share/fonts/truetype/nanum/NanumGothic.ttf ] || need_faces
    php -r 'exit(extension_loaded("pdo_sqlite") && extension_loaded("curl") && extension_loaded("dom") && extension_loaded("zip") && extension_loaded("gd") ? 0 : 1);' 2>/dev/null || need_packages "${php_packages[@]}"
    mkdir -p bootstrap/cache storage/kitchen storage/logs storage/framework/{views,cache/data,budget}
    if ! is_current vendor/.mill-stamp composer.json; then
        need_disk
        command -v composer >/dev/null || need_packages composer unzip
        quietly "PHP packages" composer install --no-interaction --no-progress --prefer-dist
        chmod -R a+rX vendor
        fingerprint composer.json >vendor/.mill-stamp
    fi
    if [ ! -f .env ]; then
        quietly "Application key" make_key
    fi
}

# Written whole or not at all, so that a broken start leaves no half key behind.
make_key() {
    local key
    key=$(php -r 'echo "base64:", base64_encode(random_bytes(32));')
    (umask 077 && sed "s|^APP_KEY=.*|APP_KEY=$key|" .env.example >.env.new)
    mv .env.new .env
}

set_up_web() {
    need_node
    if ! is_current node_modules/.mill-stamp package.json package-lock.json; then
        need_disk
        quietly "Web packages" npm ci --no-audit --no-fund
        fingerprint package.json package-lock.json >node_modules/.mill-stamp
    fi
    if [ ! -f public/build/.mill-stamp ] || [ "$(cat public/build/.mill-stamp)" != "$(web_fingerprint)" ]; then
        quietly "Front end" npm run build
        web_fingerprint >public/build/.mill-stamp
    fi
}

# Of two that start at once from one folder, one sets up and the other waits for it.
set_up_all() {
    mkdir -p storage
    exec 8>storage/setup.lock
    flock 8
    set_up_php
    set_up_web
    exec 8>&-
}
