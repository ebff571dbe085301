<?php

declare(strict_types=1);

/* Gives a kitchen so many batches more, by copying those that were lived through in turn: php grow.php KITCHEN BATCHES; or a log so many notes more: php grow.php KITCHEN BATCH-ID NOTES;
   or takes the batches of one bread out: php grow.php KITCHEN forget BREAD-ID. */
[, $path, $what, $notes] = [...$argv, null];
$kitchen = new PDO('sqlite:'.$path);
$kitchen->exec('PRAGMA synchronous = OFF');
/** @return list<string|int> of one column */
$all = static fn (string $query): array => array_values(array_filter(($kitchen->query($query) ?: throw new RuntimeException($query))->fetchAll(PDO::FETCH_COLUMN), static fn (mixed $one): bool => is_string($one) || is_int($one)));
$uuid = static fn (int $number, int $kind): string => sprintf('%08x-0000-4000-8000-%012x', $kind, $number);
$kitchen->exec('BEGIN IMMEDIATE');
if ($what === 'forget') {
    $kitchen->prepare('DELETE FROM batches WHERE formula_revision_id IN (SELECT r.id FROM formula_revisions r JOIN formulas f ON f.id = r.formula_id WHERE f.uuid = ?)')->execute([$notes]);
} elseif ($notes !== null) {
    $find = $kitchen->prepare('SELECT id FROM batches WHERE uuid = ?');
    $find->execute([$what]);
    $batch = $find->fetchColumn();
    $insert = $kitchen->prepare("INSERT INTO batch_events (batch_id, uuid, kind, happened_at, recorded_at, text) VALUES (?, ?, 'noted', '2026-03-01T10:00:00.000Z', '2026-03-01T10:00:00.000Z', 'one of many')");
    for ($number = 0; $number < (int) $notes; $number++) {
        $insert->execute([$batch, $uuid($number, random_int(1, 2 ** 31))]);
    }
    $kitchen->exec("UPDATE batches SET event_count = event_count + $notes, tally = NULL WHERE id = $batch");
} else {
    $templates = $all('SELECT id FROM batches WHERE finished_at IS NOT NULL ORDER BY id');
    $columns = 'kitchen_id, formula_revision_id, version, request, plan, tally, event_count, shape, summary, lesson, griddle, cooks, words, is_good, finished_at, created_at, updated_at';
    $batch = $kitchen->prepare("INSERT INTO batches (uuid, started_at, $columns) SELECT ?, datetime('2020-01-01', '+' || ? || ' hours'), $columns FROM batches WHERE id = ?");
    $fields = 'user_id, kind, happened_at, recorded_at, stage, ingredient, grams, water_grams, flour_grams, celsius, grade, pieces, piece, place, touch, text, undoes, diameter_mm';
    $events = $kitchen->prepare("INSERT INTO batch_events (batch_id, uuid, $fields) SELECT ?, uuid, $fields FROM batch_events WHERE batch_id = ?");
    $verdict = $kitchen->prepare('INSERT INTO verdicts (batch_id, pliability, puff, shade_first, shade_second, cracks, sticking, pieces_good, pieces_second, pieces_lost) SELECT ?, pliability, puff, shade_first, shade_second, cracks, sticking, pieces_good, pieces_second, pieces_lost FROM verdicts WHERE batch_id = ?');
    $bags = $kitchen->prepare("INSERT INTO batch_bags (batch_id, kitchen_id, ingredient, lot, is_flour, started_at) SELECT ?, kitchen_id, ingredient, lot, is_flour, datetime('2020-01-01', '+' || ? || ' hours') FROM batch_bags WHERE batch_id = ?");
    $there = (int) $all('SELECT count(*) FROM batches')[0];
    for ($number = $there; $number < (int) $what; $number++) {
        $template = $templates[$number % count($templates)];
        $batch->execute([$uuid($number, 1), $number, $template]);
        $id = $kitchen->lastInsertId();
        $events->execute([$id, $template]);
        $bags->execute([$id, $number, $template]);
        $verdict->execute([$id, $template]);
    }
}
$kitchen->exec('COMMIT');
