#!/usr/bin/env bash
# bin/mill test [PART]... [--changed]: sets up what it needs, runs every part even if one fails, and sums up once.
set -uo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
stands_in=$PWD
cd "$root" || exit 1
# shellcheck source=bin/lib/setup.sh
source bin/lib/setup.sh

all=(core feature web attack browser)
parts=()
changed=no
for word in "$@"; do
    case "$word" in
        --changed) changed=yes ;;
        core | feature | web | attack | browser) parts+=("$word") ;;
        *) stop "bin/mill test knows no part '$word'; it knows ${all[*]}." 2 ;;
    esac
done
if [ "$changed" = yes ]; then
    # What is not committed yet, and what of the tests it can have changed.
    files=$(git status --porcelain | cut -c4-)
    for one in "${all[@]}"; do
        case "$one" in
            core) pattern='^(core|bin/ask|formats)' ;;
            feature) pattern='^(core/(src|data)|app|routes|config|database|formats|tests/(Feature|[A-Z])|bin)' ;;
            web) pattern='^(web|formats|tests/browser|bench/.*mjs|package)' ;;
            attack) pattern='^(app/(Database|Http|House)|bench/reliability|bin/lib/(serve|house)|deploy|tests/house)' ;;
            browser) pattern='^(web|app|core/(src|data)|tests/browser|formats)' ;;
        esac
        grep -qE "$pattern" <<<"$files" && parts+=("$one")
    done
    [ ${#parts[@]} -gt 0 ] || { printf 'Nothing that tests look at has changed.\n'; exit 0; }
fi
[ ${#parts[@]} -gt 0 ] || parts=("${all[@]}")
wants() { [[ " ${parts[*]} " == *" $1 "* ]]; }

# In this shell, since set-up may put a Node of its own first.
need_php
set_up_all
! wants browser && ! wants attack && ! wants feature || set_up_servers
! wants browser || need_browser
if wants feature; then /usr/bin/python3 -c 'import icalendar' 2>/dev/null || need_packages python3-icalendar; fi
if wants feature; then command -v pdftotext >/dev/null || need_packages poppler-utils; fi

names=()
results=()
failures=()
failed=0
logs=$(mktemp -d)

part() {
    local name=$1 began=$SECONDS log
    shift
    log="$logs/${#names[@]}"
    printf '\n== %s\n' "$name"
    if "$@" 2>&1 | tee "$log"; then
        results+=("passed, $((SECONDS - began)) s")
    else
        results+=("FAILED, $((SECONDS - began)) s")
        failed=$((failed + 1))
        failures+=("${#names[@]}")
    fi
    names+=("$name")
}

# A part beside others, since it keeps no two cores busy: begun here, with the time that the others leave, told of where it is waited for.
declare -A beside_pid
beside() {
    local name=$1
    shift
    {
        local began=$SECONDS failed_with=0
        "$@" >"$logs/beside $name" 2>&1 || failed_with=$?
        printf '%s %s\n' "$failed_with" "$((SECONDS - began))" >"$logs/$name.ended"
    } &
    beside_pid[$name]=$!
}
# Of something beside others that stands on something else beside others.
once() {
    while [ ! -f "$logs/$1.ended" ]; do sleep 0.2; done
    shift
    "$@"
}
told_beside() { cat "$logs/beside $1"; return "$2"; }
beside_done() {
    local name failed_with took
    for name in "$@"; do
        wait "${beside_pid[$name]}"
        read -r failed_with took <"$logs/$name.ended"
        part "$name" told_beside "$name" "$failed_with"
        results[-1]="${results[-1]%,*}, within $took s beside others"
    done
}

browser_tests() {
    npx playwright test && return 0
    # What the page held when a test failed, so that a failure elsewhere can be understood from what was printed.
    local page
    for page in tests/browser/.results/*/error-context.md; do [ ! -f "$page" ] || { printf '\n-- %s\n' "$page"; head -c 6000 "$page"; }; done
    return 1
}
# Where types were written and are read meanwhile, they are not written again.
built() { { wants web || npm run --silent types; } && npx vite build && node bin/lib/service-worker.mjs && web_fingerprint >public/build/.mill-stamp; }
valid_contract() { REDOCLY_TELEMETRY=off REDOCLY_SUPPRESS_UPDATE_NOTICE=true npx redocly lint --format=stylish formats/openapi.yaml; }
# Without PHP's compiler to machine code, which would be a third quicker: it has been seen to refuse what is right (docs/architecture.md).
php_tests() { vendor/bin/paratest --processes "$(nproc)" --no-progress "$@"; }

if wants core || wants feature; then beside 'Code style (PHP)' vendor/bin/pint --test; fi
if wants web; then
    beside 'The contract is valid OpenAPI' valid_contract
    # Types are written anew from the contract by this, and read by what follows.
    beside 'Front-end types' nice npm run --silent check
    beside 'Front-end unit tests' once 'Front-end types' nice npx vitest run
    beside 'Build' once 'Front-end types' built
elif wants browser; then
    beside 'Build' built
fi
if wants core || wants feature; then part 'Static analysis and floors' vendor/bin/phpstan analyse --no-progress --memory-limit=3G; fi
if wants core && wants feature; then
    part 'Core and feature tests' php_tests
elif wants core; then
    part 'Core tests' php_tests --testsuite core
elif wants feature; then
    part 'Feature tests' php_tests --testsuite feature
fi
if wants core || wants feature; then beside_done 'Code style (PHP)'; fi
if wants web; then beside_done 'The contract is valid OpenAPI' 'Front-end types' 'Front-end unit tests'; fi
# Before any house that serves it is opened.
if wants web || wants browser; then beside_done 'Build'; fi
# It has all the time that the others leave.
if wants web; then beside 'Front-end lint' nice -n 19 npm run --silent lint; fi
if wants attack; then
    part 'The house under attack, short form' bash bench/reliability/run.sh small
    part 'A house as deploy/ has it' node --test tests/house/
fi
if wants browser; then part 'Browser tests' browser_tests; fi
if wants web; then beside_done 'Front-end lint'; fi

count() { sed -E 's/\x1b\[[0-9;]*m//g' "$logs"/[0-9]* | grep -oE "$1" | grep -oE '[0-9]+' | awk '{sum += $1} END {print sum + 0}'; }
phpunit=$(count '(OK \([0-9]+ test|Tests: [0-9]+)')
vitest=$(count 'Tests +.*[0-9]+ passed')
browser=$(count '^ +[0-9]+ passed \(')
printf '\n== Summary\n'
for index in "${!names[@]}"; do printf '  %-44s %s\n' "${names[$index]}" "${results[$index]}"; done
printf '  Tests run: %s PHP, %s front end, %s browser. All in %s s.\n' "$phpunit" "$vitest" "$browser" "$SECONDS"
# What failed is said once more at the end, where it is read first and where a log that was cut still has it.
for index in "${failures[@]}"; do
    printf '\n-- %s, the end of what it printed\n' "${names[$index]}"
    tail -n 40 "$logs/$index" | cut -c1-400
done
# For bench/results.md, which has the figures of the last whole run.
if [ ${#parts[@]} -eq ${#all[@]} ] && [ "$failed" -eq 0 ]; then
    for index in "${!names[@]}"; do printf '%s: %s\n' "${names[$index]}" "$(grep -oE '[0-9]+' <<<"${results[$index]}")"; done >storage/tested
    printf 'All: %s\n' "$SECONDS" >>storage/tested
fi
rm -rf "$logs"
printf '%s passed, %s failed\n' "$((${#names[@]} - failed))" "$failed"
[ "$failed" -eq 0 ]
