<?php

declare(strict_types=1);

use StoneMill\Ask\Desk;
use StoneMill\Ask\PlanInWords;
use StoneMill\Ask\Question;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\FieldError;
use StoneMill\Exchange\JsonText;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\StoneMillException;

require dirname(__DIR__).'/core/autoload.php';

/*
 * bin/mill plan FILE.json, and every other question of the core: a document in, the answer or a problem document out.
 * A cook at a terminal gets a plan, and every refusal, in sentences; a pipe or a file gets JSON.
 */
const JSON_LOOK = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;
const BAD_INPUT = 2;

/** @return mixed the decoded document */
function document(string $file, Question $question): mixed
{
    $text = $file === '-' ? stream_get_contents(STDIN) : (is_file($file) ? file_get_contents($file) : false);
    if ($text === false) {
        throw InvalidInput::at('(file)', 'This file cannot be read.', $file, 'a readable JSON file');
    }

    // Measurements may come as the table that they were written in, a formula as the text.
    $isDocument = str_starts_with(ltrim($text), '{');

    return match (true) {
        $question === Question::Trial && ! $isDocument => ['csv' => $text],
        $question === Question::Formula && ! $isDocument => ['text' => $text],
        $question === Question::Bags && ! $isDocument => ['csv' => $text],
        default => JsonText::decoded($text),
    };
}

try {
    $question = Question::from($argv[1] ?? '');
    $reference = Reference::shipped();
    $desk = new Desk($reference, new Planner($reference, new ModelTurnPlanner));
    $document = document($argv[2] ?? '', $question);
    fwrite(STDOUT, $question === Question::Plan && stream_isatty(STDOUT)
        ? implode("\n", (new PlanInWords($desk->planned($document)))->lines())."\n"
        : json_encode($desk->answer($question, $document), JSON_LOOK)."\n");
} catch (StoneMillException $refusal) {
    $refused = InvalidInput::byRule($refusal, '(document)');
    fwrite(STDERR, stream_isatty(STDERR)
        ? implode("\n", array_map(static fn (FieldError $error): string => $error->inWords(), $refused->errors))."\n"
        : json_encode($refused->toProblem(), JSON_LOOK)."\n");
    exit(BAD_INPUT);
}
