<?php

declare(strict_types=1);

use StoneMill\Ask\AgainstPractice;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;

require dirname(__DIR__).'/core/autoload.php';

/** @param list<string> $cells */
function line(array $cells): string
{
    return '| '.implode(' | ', $cells)." |\n";
}

/* bin/mill check: every shipped bread as it is planned, beside practice and the literature, as a table. */
$reference = Reference::shipped();
fwrite(STDOUT, line(AgainstPractice::HEADINGS).line(array_fill(0, count(AgainstPractice::HEADINGS), '---')));
foreach (AgainstPractice::shipped($reference, new Planner($reference, new ModelTurnPlanner))->rows() as $row) {
    fwrite(STDOUT, line($row));
}
