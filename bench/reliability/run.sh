#!/usr/bin/env bash
# The house under attack: killed, flooded, fed nonsense, restored in mid-work. With `small` a short form that only says whether all
# held, for the tests; without it the full trials, and bench/reliability.md is written.
set -uo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$root" || exit 1
work=$(mktemp -d)
failed=0
trial() {
    local name=$1
    shift
    printf '  %-10s' "$name"
    if "$@" >"$work/$name" 2>"$work/$name.why"; then echo held; else echo 'DID NOT HOLD'; cat "$work/$name.why"; failed=1; fi
}

if [ "${1:-}" = small ]; then
    trial writers node bench/reliability/writers.mjs 16 6
    trial kills node bench/reliability/kills.mjs 5
    trial updates node bench/reliability/updates.mjs 8
    trial restores node bench/reliability/restores.mjs 3
    trial sessions node bench/reliability/sessions.mjs 8
    trial hostile node bench/reliability/hostile.mjs 6
    trial share node bench/reliability/share.mjs 4
    trial growth node bench/reliability/growth.mjs 100,400 50,2000 counted
    trial fuzz php bench/reliability/fuzz.php 40
    rm -rf "$work"
    exit $failed
fi

trial writers node bench/reliability/writers.mjs 32 40
trial kills node bench/reliability/kills.mjs 40
trial updates node bench/reliability/updates.mjs 80
trial restores node bench/reliability/restores.mjs 30
trial sessions node bench/reliability/sessions.mjs 60
trial hostile node bench/reliability/hostile.mjs 200
trial share node bench/reliability/share.mjs 20
trial growth node bench/reliability/growth.mjs 100,1000,10000 50,8000
trial fuzz php bench/reliability/fuzz.php 500
node bench/reliability/write.mjs "$work" >bench/reliability.md
npx prettier --log-level warn --write bench/reliability.md
cat bench/reliability.md
rm -rf "$work"
exit $failed
