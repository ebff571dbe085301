#!/usr/bin/env bash
# bin/mill bench: measures on this machine, as ratios within one run, and writes bench/results.md.
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$root"
work=$(mktemp -d)
port=8497
MILL_DATABASE="$work/kitchen.sqlite" bin/mill demo --port $port >"$work/log" 2>&1 &
server=$!
trap 'kill $server 2>/dev/null; rm -rf "$work"' EXIT
for _ in $(seq 1 600); do grep -q Ctrl-C "$work/log" && break; sleep 0.1; done
http=$(node bench/plan.mjs "http://127.0.0.1:$port")
core=$(php bench/core.php)
slider=$(node bench/slider.mjs "http://127.0.0.1:$port")
field() { php -r 'printf("%.2f", json_decode($argv[1], true)[$argv[2]]);' "$1" "$2"; }
scripts=$(node bench/size.mjs js)
fonts=$(node bench/size.mjs woff2)
cat >bench/results.md <<EOF
# Measured on $(date +%Y-%m-%d), $(nproc) shared cores; ratios count, times only say on what

| what | figure | aim |
| --- | --- | --- |
| POST /api/v1/plan over an empty JSON route behind the same sign-in, medians of 720 in turns | $(field "$http" ratio) ($(field "$http" plan_median_ms) ms over $(field "$http" ping_median_ms) ms) | at most 1.5 |
| a plan in the core alone, median | $(field "$core" plan_ms) ms; with its JSON $(field "$core" plan_to_json_ms) ms | |
| a plan of a 20-line formula in the core, median; the framework's own share of a request beside it | $(field "$core" long_ms) ms; $(field "$http" ping_median_ms) ms | under 3 ms |
| a blend over $(field "$core" blended) ingredients; one whose wishes clash | $(field "$core" blend_ms) ms; $(field "$core" clash_ms) ms | under 200 ms |
| swapping a line, eight options planned; choosing among all styles | $(field "$core" swap_ms) ms; $(field "$core" choose_ms) ms | |
| the whole catalogue as the browser gets it, gzipped | $(field "$core" catalogue_kb) kB | at most 40 kB |
| reading the reference facts, once a request | $(field "$core" reference_ms) ms | |
| slider key to new number on the page, Chromium's own clock, median and 90 % | $(field "$slider" median_ms) ms, $(field "$slider" p90_ms) ms | under 100 ms |
| JavaScript of a first visit to Today, gzipped | $scripts kB | at most 300 kB |
| fonts that a page loads (WOFF2) | $fonts kB | |
EOF
npx prettier --log-level warn --write bench/results.md
cat bench/results.md
