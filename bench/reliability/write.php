<?php

declare(strict_types=1);

/* The trials' figures as a page: php write.php FOLDER. */
$folder = $argv[1] ?? '';
$of = static fn (string $trial): array => (array) json_decode((string) @file_get_contents("$folder/$trial"), true);
$say = static fn (mixed $value): string => is_array($value) ? implode(', ', array_map(static fn (mixed $key, mixed $one): string => (array_is_list($value) ? '' : "$key: ").(is_array($one) ? (string) json_encode($one) : $one), array_keys($value), $value)) : (string) $value;
$w = $of('writers');
$k = $of('kills');
$u = $of('updates');
$r = $of('restores');
$s = $of('sessions');
$h = $of('hostile');
$p = $of('share');
$g = $of('growth');
$rows = [
    ['writers on one batch, sign-ins and reads meanwhile', "{$w['writers']} writers, {$w['acknowledged']} writes: answers {$say($w['answers'])}; {$w['kept']} in the log; {$w['a_second']} a second, 95 % within {$w['write_p95_ms']} ms", '4 to 32 writers: 58–71 % of answers 500'],
    ['servers killed while four write', "{$k['kills']} kills, answered with all workers after {$k['replaced']}; {$k['acknowledged']} acknowledged, none lost, none doubled; port after the first process is killed: {$k['port_after_the_first_process']}", 'dead workers not replaced; orphans held the port'],
    ['updates killed at any moment', "{$u['updates_killed']} of {$u['rounds']} killed; later starts blocked: {$u['starts_blocked']}", '14 of 60 blocked every later start'],
    ['backups killed', "{$u['backups_killed']} killed; broken files under their name: {$u['broken_copies']}", 'a broken file under its name'],
    ['restores killed', "kitchens lost: {$u['restores_lost']}", 'not measured'],
    ['restores while six write', "{$r['restores']} restores, {$r['acknowledged']} acknowledged writes, {$r['lost']} in neither file; answers {$say($r['answers'])}", 'malformed after 6 of about 55; over 100 writes in neither file'],
    ['sign-out under polling', "signed in again: {$s['undone']} of {$s['rounds']}", '36 of 40'],
    ['wrong tries by a stranger', "the stranger: {$s['locked']}; the cook on a known device: {$s['own']}", 'five locked the cook out'],
    ['the same thing sent eight times at once (batch, bread, version, plan, verdict, entry)', $say($s['eightfold']), 'UNIQUE violation as 500; a resend after a lost answer 409'],
    ['eight first-run requests at once', $say($s['first_run']), 'five kitchens'],
    ['hostile bodies, addresses and raw JSON over every route', "{$h['asked']} asked: {$say($h['answers'])}; 5xx: {$h['bad']}; lines in the log: {$h['faults']}", '342 of 1,260 corner cases crashed'],
    ['a body of 1 GB', "{$h['gigabyte']}; largest worker {$h['largest_worker_mb']} MB", 'a worker of 1.2 GB'],
    ['another cook\'s ping while one asks for all that is slow', "median {$p['ping_p50_ms']} ms, 95 % {$p['ping_p95_ms']} ms, worst {$p['ping_worst_ms']} ms (alone {$p['quiet_ping_ms']} ms)", 'held up for seconds'],
    ['slow questions alone: plan, cut-outs, day of two, day of twelve, comparison', $say(array_map(static fn (array $one): string => "$one[0] in $one[1] ms", $p['alone_ms'])), '4.5 s, 6.8 s, –, 7 s, –'],
    ...array_map(static fn (array $one): array => ["kitchen of {$one['batches']} batches: list; a shape never made; a known one; start of the house", sprintf('%.0f, %.0f, %.0f, %.0f ms; %d reached by paging', $one['list_ms'], $one['begin_ms'], $one['known_ms'], $one['start_ms'], $one['reached']), 'list 2.6 s at 200; new shape 1.5 s at 10,000; 200 reachable'], $g['kitchens']),
    ['one more entry on a log of '.implode(' and ', array_column($g['logs'], 'entries')).', its undo, its answer', implode('; ', array_map(static fn (array $one): string => sprintf('%.0f ms, %.0f ms, %.1f kB', $one['one_ms'], $one['undo_ms'], $one['answer_bytes'] / 1000), $g['logs'])).sprintf('; ratio %.2f', $g['entry_ratio']), '1 s at 8,000'],
];
echo '# The house under attack, ', date('Y-m-d'), "\n\nWritten by `bash bench/reliability/run.sh` on this machine (shared; times only say on what). The short form runs with the tests.\nThe column *before* is what the same attacks found on the version before.\n\n| trial | now | before |\n| --- | --- | --- |\n";
foreach ($rows as [$what, $now, $before]) {
    echo "| $what | $now | $before |\n";
}
echo "\nEvery question with documents from the corners of the published schemas: asked, answered (the others refused by name), median, 99 %, worst in ms. No other end of any kind.\n\n| question | asked | answered | median | 99 % | worst |\n| --- | --- | --- | --- | --- | --- |\n", file_get_contents("$folder/fuzz");
