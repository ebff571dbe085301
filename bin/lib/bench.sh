#!/usr/bin/env bash
# bin/mill bench: measures on this machine, as ratios within one run, and writes bench/results.md.
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$root"
work=$(mktemp -d)
port=8497
# As the server runs it.
php=(php -d opcache.enable_cli=1)
MILL_DATABASE="$work/kitchen.sqlite" bin/mill demo --port $port >"$work/log" 2>&1 &
server=$!
trap 'kill $server 2>/dev/null; rm -rf "$work"' EXIT
for _ in $(seq 1 600); do grep -q Ctrl-C "$work/log" && break; sleep 0.1; done
http=$(node bench/plan.mjs "http://127.0.0.1:$port")
core=$("${php[@]}" bench/core.php)
slider=$(node bench/slider.mjs "http://127.0.0.1:$port")
section=$(node bench/slider.mjs "http://127.0.0.1:$port" griddle)
faders=$(node bench/faders.mjs "http://127.0.0.1:$port" 2>"$work/faders")
pages=$(node bench/pages.mjs "http://127.0.0.1:$port")
page() { awk -F'\t' -v name="$1" -v field="$2" '$1 == name { print $field }' <<<"$pages"; }
day=$(node bench/day.mjs "http://127.0.0.1:$port")
line=$("${php[@]}" bench/line.php)
record=$("${php[@]}" bench/record.php)
ratio() { php -r '$one = json_decode($argv[1], true)[$argv[2]]; printf("%.2f (%.0f over %.0f ms)", $one["ratio"], $one["many_ms"], $one["few_ms"]);' "$record" "$1"; }
# The griddle's model beside the same scheme in C and the same equations in SciPy; both from Debian's packages.
"${php[@]}" bench/bake/run.php >"$work/bake.json"
gcc -O2 -std=gnu11 -o "$work/bake" bench/bake/bake.c -lm
others=$(/usr/bin/python3 bench/bake/compare.py "$work/bake.json" "$work/bake")
growth=$(php -r '$d = json_decode(file_get_contents($argv[1]), true); foreach (["by_layers", "by_time"] as $by) { echo implode(", ", array_map(fn ($one) => sprintf("%g: %.1f ms", $one[0], $one[1]), $d[$by])), $by === "by_layers" ? " layers; " : " s"; }' "$work/bake.json")
over() { php -r 'printf("%.1f", json_decode($argv[1], true)[$argv[2]] / json_decode($argv[3], true)[$argv[4]]);' "$1" "$2" "$3" "$4"; }
field() { php -r 'printf("%.2f", json_decode($argv[1], true)[$argv[2]]);' "$1" "$2"; }
# Minutes that a part of the last whole run of the tests took in this folder.
tested() { awk -F': ' -v part="$1" '$1 == part {printf "%.1f min", $2 / 60; found = 1} END {if (!found) printf "not run here"}' storage/tested 2>/dev/null || printf 'not run here'; }
scripts=$(node bench/size.mjs js)
fonts=$(node bench/size.mjs woff2)
cat >bench/results.md <<EOF
# Measured on $(date +%Y-%m-%d), $(nproc) shared cores; ratios count, times only say on what

| what | figure | aim |
| --- | --- | --- |
| POST /api/v1/plan over an empty JSON route behind the same sign-in, medians of 720 in turns | $(field "$http" ratio) ($(field "$http" plan_median_ms) ms over $(field "$http" ping_median_ms) ms) | at most 1.5 |
| the same of one that another hour was asked of, the bake remembered; of one at a heat that nobody asked for | $(field "$http" hour_ratio); $(field "$http" heat_ratio) | |
| a plan in the core alone, median | $(field "$core" plan_ms) ms; with its JSON $(field "$core" plan_to_json_ms) ms | |
| a plan of a 20-line formula in the core, median; the framework's own share of a request beside it | $(field "$core" long_ms) ms; $(field "$http" ping_median_ms) ms | under 3 ms |
| a blend over $(php -r 'echo json_decode($argv[1], true)["blended"];' "$core") ingredients; one whose wishes clash | $(field "$core" blend_ms) ms; $(field "$core" clash_ms) ms | under 200 ms |
| swapping a line, eight options planned; choosing among all styles | $(field "$core" swap_ms) ms; $(field "$core" choose_ms) ms | |
| the whole catalogue as the browser gets it, gzipped | $(field "$core" catalogue_kb) kB | at most 40 kB |
| reading the reference facts, once a request | $(field "$core" reference_ms) ms | |
| slider key to new number on the page, Chromium's own clock, median and 90 % | $(field "$slider" median_ms) ms, $(field "$slider" p90_ms) ms | under 100 ms |
| from a key on each of $(field "$faders" faders | cut -d. -f1) faders to the frame with its plan: median, 95 %; the slowest fader's 95 %; an empty answer between the keys: median, 95 % | $(field "$faders" median_ms) ms, $(field "$faders" p95_ms) ms; $(php -r 'echo json_decode($argv[1], true)["worst"];' "$faders"), $(field "$faders" worst_p95_ms) ms; $(field "$faders" empty_median_ms) ms, $(field "$faders" empty_p95_ms) ms | under 100 ms |
| the first key alone on each of them, when nothing could be guessed: median, slowest | $(field "$faders" first_median_ms) ms, $(field "$faders" first_slowest_ms) ms | |
| one bake of a 2 mm disc for 180 s at 16 layers, median | $(field "$(cat "$work/bake.json")" median_ms) ms | under 40 ms |
| the same bake over the same scheme in C with -O2, which gives the same loss to twelve digits | $(field "$others" over_c) | at most 25 |
| SciPy's BDF on the same equations over it, at equal accuracy | $(over "$others" scipy_ms "$(cat "$work/bake.json")" median_ms) | at least 5 |
| cost with layers and with time | $growth | grows in proportion |
| a plan without its griddle; the picture of a bake with its JSON | $(field "$core" sketch_ms) ms; $(field "$core" bake_ms) ms | |
| search for a turn plan: a thin disc; a thick round with the oven | $(field "$core" turns_ms) ms; $(field "$core" turns_thick_ms) ms | under 600 ms |
| slider key to new section picture, median and 90 % | $(field "$section" median_ms) ms, $(field "$section" p90_ms) ms | under 150 ms |
| order of work for 60 pieces: one cook; two cooks | $(field "$line" one_ms) ms; $(field "$line" two_ms) ms | under 100 ms |
| 200 random large batches over the bound: all; those whose bound can be reached | $(field "$line" mean_ratio | cut -c1-6); $(field "$line" reachable_ratio) | at most 1.05 |
| a run of 200 pieces and 2,000 entries in the browser: first paint; all shown | $(field "$day" paint_ms) ms; $(field "$day" shown_ms) ms | |
| on it, from Space to what comes next; until a second tablet shows it | $(field "$day" space_ms) ms; $(field "$day" heard_ms) ms | under 100 ms; about a second |
| asking for news over an empty JSON route, where there is none | $(field "$http" news_ratio) | |
| 10,000 batches of some hundred entries over 100: the record; found by words; by bag and verdict | $(ratio "the record, newest page"); $(ratio "the record by words"); $(ratio "the record by bag and verdict") | at most 2 |
| the same where nothing is found: words, a bag | $(ratio "the record by words that nobody wrote"); $(ratio "the record by a bag never opened") | |
| the same of a bag settling; the kitchen with all that was learned; learning | $(ratio "a bag settling"); $(ratio "the kitchen, with all that was learned"); $(ratio "learning") | at most 2 |
| the same of the look at the file before the server starts | $(ratio "the look at the file when the server starts") | at most 2 |
| learning from 10,000 batches at once; from what a kitchen reads, after one more | $(php -r '$all = json_decode($argv[1], true); printf("%.0f ms; %.1f ms", $all["10,000 batches at once, in the core"]["ms"], $all["what a kitchen reads of them, after one more batch"]["ms"]);' "$record") | under 200 and 10 ms |
| largest paint with the processor slowed four times: an empty page; sign-in; Today; Breads | $(page 'empty page' 2); $(page sign-in 2); $(page Today 2); $(page Breads 2) ms | sign-in and Today at most 1,000 ms, Breads 1,500 |
| how far those three shift while they load | $(page sign-in 3); $(page Today 3); $(page Breads 3) | under 0.1 |
| all that a first visit to Today brings over the wire | $(page Today 4) kB | at most 300 kB |
| JavaScript of a first visit to Today, gzipped | $scripts kB | at most 250 kB |
| \`bin/mill test\` whole, the last time that it ran here, set-up with it: all; browser tests; PHP tests | $(tested All); $(tested 'Browser tests'); $(tested 'Core and feature tests') | under 8 min |
| fonts that a page loads (WOFF2) | $fonts kB | |
EOF
npx prettier --log-level warn --write bench/results.md
cat bench/results.md
