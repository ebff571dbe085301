# bin/mill house: what a house wants that is reached from elsewhere (deploy/README.md).

house() {
    case "${1:-check}" in
        check)
            [ $# -le 1 ] || stop "bin/mill house check wants nothing more." 2
            need_php
            # What the units know, so that it is their kitchen that is looked over.
            if [ -r /etc/stone-mill/environment ]; then
                set -a
                # shellcheck source=/dev/null
                source /etc/stone-mill/environment
                set +a
            fi
            php artisan mill:house
            ;;
        # Called by stone-mill-php.service before its workers begin: the kitchen is brought up to date, and what they share is worked out once.
        prepare)
            [ $# -eq 1 ] || stop "bin/mill house prepare wants nothing more." 2
            local name
            for name in MILL_DATABASE MILL_FACTS MILL_MEMORY APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE; do
                [ -n "${!name:-}" ] || stop "$name is not set; deploy/environment says what the units know." 2
            done
            [ -d vendor ] && [ -f public/build/manifest.json ] || stop "bin/mill doctor, as the owner of $root, sets up what is missing first."
            need_writable "$(dirname "$MILL_DATABASE")" "$(dirname "$MILL_FACTS")" storage/framework storage/logs
            php artisan mill:prepare >/dev/null
            php artisan mill:facts "$MILL_FACTS"
            php artisan config:cache -q && php artisan route:cache -q && php artisan event:cache -q && php artisan view:cache -q
            ;;
        *) stop "bin/mill house knows check and prepare, not '$1'." 2 ;;
    esac
}
