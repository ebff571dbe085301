<?php

declare(strict_types=1);

use StoneMill\Ask\Desk;
use StoneMill\Ask\Question;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\StoneMillException;
use StoneMill\Tests\CornerDocuments;
use StoneMill\Tests\FormatFiles;
use StoneMill\Tests\Seeded;

/* Asks the core every question with documents from the corners of the contract: each is answered or refused by name, and in time. */
$root = dirname(__DIR__, 2);
require $root.'/vendor/autoload.php';
$cases = (int) ($argv[1] ?? 400);
$only = isset($argv[2]) ? [Question::from($argv[2])] : Question::cases();
$seed = (int) ($argv[3] ?? 2026);
$reference = Reference::shipped();
$desk = new Desk($reference, new Planner($reference, new ModelTurnPlanner));
$faults = [];
$rows = [];
foreach ($only as $question) {
    $corners = new CornerDocuments(new Seeded($seed), new FormatFiles($root.'/formats'));
    $times = [];
    $answered = 0;
    $slowest = null;
    for ($case = 0; $case < $cases; $case++) {
        $document = json_decode((string) json_encode($corners->for($question)), true);
        $began = hrtime(true);
        try {
            json_encode($desk->answer($question, $document), JSON_THROW_ON_ERROR);
            $answered++;
        } catch (StoneMillException $refusal) {
            json_encode(InvalidInput::byRule($refusal, '(document)')->toProblem(), JSON_THROW_ON_ERROR);
        } catch (Throwable $fault) {
            $key = sprintf('%s: %s: %s @ %s:%d', $question->value, $fault::class, preg_replace('/[0-9.]+/', '#', $fault->getMessage()), basename($fault->getFile()), $fault->getLine());
            $faults[$key][] = json_encode($document);
        }
        $milliseconds = (hrtime(true) - $began) / 1e6;
        $times[] = $milliseconds;
        if ($slowest === null || $milliseconds > $slowest[0]) {
            $slowest = [$milliseconds, json_encode($document)];
        }
    }
    sort($times);
    $rows[] = [$question->value, $cases, $answered, $times[intdiv(count($times), 2)], $times[(int) (0.99 * (count($times) - 1))], $slowest[0] ?? 0.0];
    if (($slowest[0] ?? 0) > 1000) {
        fprintf(STDERR, "%s took %.0f ms: %s\n", $question->value, $slowest[0], substr((string) $slowest[1], 0, 1500));
    }
}
foreach ($faults as $key => $documents) {
    fprintf(STDERR, "%d × %s\n    %s\n", count($documents), $key, substr((string) $documents[0], 0, 1200));
}
foreach ($rows as [$name, $asked, $answered, $median, $late, $worst]) {
    printf("| %s | %d | %d | %.0f | %.0f | %.0f |\n", $name, $asked, $answered, $median, $late, $worst);
}
exit($faults === [] ? 0 : 1);
