<?php

declare(strict_types=1);

namespace StoneMill\Tests\Exchange;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Internal\JsonWalk;
use StoneMill\Exchange\JsonText;
use StoneMill\Tests\Seeded;

/** A slip in a file is found where it is. */
final class JsonTextTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> text, place, what should stand there */
    public static function slips(): iterable
    {
        yield 'a comma too many' => ["{\n  \"style\": \"oat-round\",\n}", 'line 3, column 1', 'the name of a field'];
        yield 'a comma forgotten' => ["{\n  \"a\": 1\n  \"b\": 2\n}", 'line 3, column 3', 'a comma or the end of the object'];
        yield 'single quotes' => ["{'a': 1}", 'line 1, column 2', 'the name of a field'];
        yield 'a value forgotten' => ['{"a": }', 'line 1, column 7', 'a value'];
        yield 'a colon forgotten' => ['{"a" 1}', 'line 1, column 6', 'a colon'];
        yield 'cut off' => ['{"a": [1, 2', 'line 1, column 12', 'a comma or the end of the list'];
        yield 'something after the end' => ['{"a": 1} x', 'line 1, column 10', 'the end of the document'];
        yield 'a number with a leading nought' => ['[01]', 'line 1, column 2', 'a value'];
        yield 'a word that JSON does not know' => ["[\n NaN]", 'line 2, column 2', 'a value'];
        yield 'after letters of more than one byte' => ['{"ज्वार": x}', 'line 1, column 11', 'a value'];
        yield 'nothing' => ['', 'line 1, column 1', 'a value'];
    }

    #[DataProvider('slips')]
    public function test_a_slip_is_named_with_its_line_and_column_and_what_should_stand_there(string $text, string $place, string $wanted): void
    {
        try {
            JsonText::decoded($text);
            self::fail('It was read.');
        } catch (InvalidInput $refusal) {
            self::assertStringContainsString("from $place on", $refusal->errors[0]->message);
            self::assertStringContainsString($wanted, $refusal->errors[0]->limit);
        }
    }

    /** @return iterable<string, array{string, string|null}> text, the field that stands twice */
    public static function documents(): iterable
    {
        yield 'once each' => ['{"a": {"b": 1}, "b": [{"a": 1}, {"a": 2}]}', null];
        yield 'twice' => ['{"a": 1, "b": 2, "a": 3}', 'a'];
        yield 'twice further in' => ['[{"pieces": {"count": 1, "count": 2}}]', 'count'];
        yield 'twice, once in other letters' => ['{"a": 1, "\u0061": 2}', 'a'];
        yield 'a name with a quote in it' => ['{"a\"": 1, "a": 2}', null];
        yield 'a name in a value' => ['{"a": "a", "b": "{\"a\": 1, \"a\": 2}"}', null];
    }

    #[DataProvider('documents')]
    public function test_a_field_that_stands_twice_is_refused(string $text, ?string $twice): void
    {
        try {
            JsonText::decoded($text);
            self::assertNull($twice);
        } catch (InvalidInput $refusal) {
            self::assertSame($twice, $refusal->errors[0]->value);
        }
    }

    public function test_it_takes_what_the_decoder_takes_and_stops_where_the_decoder_stops(): void
    {
        $seeded = new Seeded(41);
        $signs = ['{', '}', '[', ']', ':', ',', '"a"', '"b"', '1', '-2.5e3', 'true', 'null', ' ', "\n", '"', '\\', 'x', '0', '.', 'é'];
        for ($case = 0; $case < 4000; $case++) {
            $text = json_encode(['a' => [1, 2.5, true, null, 'x"y'], 'b' => ['c' => new \stdClass, 'd' => []]], JSON_THROW_ON_ERROR);
            for ($slips = $seeded->int(0, 2); $slips > 0; $slips--) {
                $text = substr_replace($text, $signs[$seeded->int(0, count($signs) - 1)], $seeded->int(0, strlen($text)), $seeded->int(0, 1));
            }
            $isRead = json_decode($text) !== null || json_last_error() === JSON_ERROR_NONE;
            $walk = JsonWalk::through($text);
            self::assertSame($isRead, $walk->isWhole || $isRead && $walk->twice !== null, $text);
        }
    }
}
