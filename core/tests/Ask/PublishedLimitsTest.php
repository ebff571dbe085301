<?php

declare(strict_types=1);

namespace StoneMill\Tests\Ask;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Ask\Question;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\FieldError;
use StoneMill\StoneMillException;
use StoneMill\Tests\Bench;
use StoneMill\Tests\FormatFiles;
use StoneMill\Tests\PublishedLimits;

/** A limit stands once, with the rule whose limit it is; what is published is held against it for every number of every question. */
final class PublishedLimitsTest extends TestCase
{
    /** What a reader says of a number beyond its limits; other rules speak of other things. */
    private const LIMITS = ['This is too small.', 'This is too large.'];

    /** @return iterable<string, array{Question}> */
    public static function questions(): iterable
    {
        foreach (Question::cases() as $question) {
            yield $question->value => [$question];
        }
    }

    #[DataProvider('questions')]
    public function test_what_is_published_as_a_limit_is_taken_and_what_is_beyond_it_is_refused_in_its_place(Question $question): void
    {
        $published = new PublishedLimits(new FormatFiles(dirname(__DIR__, 3).'/formats'));
        $off = [];
        $seen = 0;
        foreach ($published->of($question) as $name => [$place, $schema, $file]) {
            $seen++;
            // The request inside another question is the same schema, read by the same reader.
            if ($file === 'plan-request.schema.json' && $question !== Question::Plan) {
                continue;
            }
            $isWhole = ($schema['type'] ?? '') === 'integer';
            foreach (['minimum' => -1, 'exclusiveMinimum' => -1, 'maximum' => 1, 'exclusiveMaximum' => 1] as $key => $side) {
                if (! is_numeric($schema[$key] ?? null)) {
                    continue;
                }
                $limit = (float) $schema[$key];
                $apart = $isWhole ? 1.0 : max(1e-6, 1e-6 * abs($limit));
                $isTaken = ! str_starts_with($key, 'exclusive');
                $at = self::refusedThere($question, $published->document($question, $place, $limit), $place);
                $beyond = self::refusedThere($question, $published->document($question, $place, $limit + $side * $apart), $place);
                if ($at === $isTaken) {
                    $off[] = sprintf('%s: its %s of %s is %s.', $name, $key, $limit, $at ? 'refused' : 'taken');
                }
                if (! $beyond) {
                    $off[] = sprintf('%s: %s lies beyond its %s and is taken.', $name, $limit + $side * $apart, $key);
                }
            }
        }
        self::assertSame([], array_values(array_unique($off)));
        self::assertGreaterThan(0, $seen);
    }

    /** @param list<string|int> $place */
    private static function refusedThere(Question $question, mixed $document, array $place): bool
    {
        try {
            Bench::ask($question->value, $document);
        } catch (InvalidInput $refusal) {
            $path = (string) preg_replace('/\.(\d+)(?=\.|$)/', '[$1]', implode('.', $place));

            return array_filter($refusal->errors, static fn (FieldError $error): bool => $error->path === $path && in_array($error->message, self::LIMITS, true)) !== [];
        } catch (StoneMillException) {
            return false;
        }

        return false;
    }
}
