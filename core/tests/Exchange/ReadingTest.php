<?php

declare(strict_types=1);

namespace StoneMill\Tests\Exchange;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\FieldError;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\JsonText;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\Record\BatchEvent;
use StoneMill\Tests\Bench;

/** What comes from outside is read whole or refused by field, value and limit. */
final class ReadingTest extends TestCase
{
    private const ID = '00000000-0000-4000-8000-000000000001';

    /** @return iterable<string, array{string, bool, bool}> text, whether it may be a name, whether it may be a note */
    public static function texts(): iterable
    {
        yield 'words' => ['Masa, striped bag', true, true];
        yield 'another script' => ['ज्वार', true, true];
        yield 'two lines' => ["Edges split.\nMore water.", false, true];
        yield 'a tab' => ["a\tb", false, true];
        yield 'a line separator' => ["a\u{2028}b", false, true];
        yield 'NUL' => ["a\0b", false, false];
        yield 'an escape of a terminal' => ["a\e[2Jb", false, false];
        yield 'a C1 control' => ["a\u{85}b", false, false];
        yield 'no UTF-8' => ["a\xffb", false, false];
    }

    #[DataProvider('texts')]
    public function test_a_name_is_one_line_and_nothing_carries_control_characters(string $text, bool $isName, bool $isNote): void
    {
        foreach ([[static fn (Node $node): string => $node->text(80), $isName], [static fn (Node $node): ?string => $node->optionalProse(80), $isNote]] as [$read, $fits]) {
            $findings = new Findings;
            $read(Node::root($text, $findings));
            self::assertSame($fits, $findings->areEmpty());
        }
    }

    public function test_a_refusal_can_be_shown_anywhere_whatever_was_sent(): void
    {
        $error = FieldError::at("a\xff\0b", 'No.', "c\e[2J\xff", 'something else')->toArray();
        self::assertJson(json_encode($error, JSON_THROW_ON_ERROR));
        self::assertDoesNotMatchRegularExpression('/[\x00-\x1f]/', $error['path'].$error['value']);
    }

    public function test_what_a_rule_refuses_is_refused_by_field_value_and_limit(): void
    {
        try {
            InvalidInput::unless(static fn (): float => OutOfRange::guard('thickness in mm', 0.02, 0.3, 60), 'pieces');
            self::fail('Nothing was refused.');
        } catch (InvalidInput $refusal) {
            self::assertSame(['pieces', 0.02, 'from 0.3 to 60'], [$refusal->errors[0]->path, $refusal->errors[0]->value, $refusal->errors[0]->limit]);
        }
    }

    public function test_json_is_read_the_same_at_every_door(): void
    {
        self::assertSame(['a' => 1], JsonText::decoded('{"a": 1}'));
        foreach (['', '{', "{\"a\": \"\xff\"}", str_repeat('[', 100).str_repeat(']', 100)] as $text) {
            try {
                JsonText::decoded($text);
                self::fail('This was taken: '.$text);
            } catch (InvalidInput $refusal) {
                self::assertSame('(document)', $refusal->errors[0]->path);
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> event, what is refused of it */
    public static function disguises(): iterable
    {
        $at = ['id' => self::ID, 'at' => '2026-03-01T12:00:00Z'];
        yield 'an undo dressed as a lay' => [[...$at, 'kind' => 'laid', 'piece' => 1, 'place' => 1, 'event' => self::ID], 'event'];
        yield 'an undo dressed as a note' => [[...$at, 'kind' => 'noted', 'text' => 'a', 'event' => self::ID], 'event'];
        yield 'a pour with a grade' => [[...$at, 'kind' => 'poured', 'grams' => 10, 'grade' => 'ready'], 'grade'];
        yield 'a rest with a piece' => [[...$at, 'kind' => 'rest_started', 'piece' => 1], 'piece'];
    }

    /** @param array<string, mixed> $event */
    #[DataProvider('disguises')]
    public function test_an_entry_carries_what_its_kind_carries_and_nothing_else(array $event, string $refused): void
    {
        $findings = new Findings;
        BatchEvent::read(Node::root($event, $findings));
        $this->expectExceptionMessage($refused);
        $findings->refuseIfAny();
    }

    /** @return iterable<string, array{array<string, float|int>}> */
    public static function sizes(): iterable
    {
        yield 'a heavy piece on a coin' => [['grams_each' => 1000, 'diameter_mm' => 40]];
        yield 'a crumb as wide as a table' => [['grams_each' => 5, 'diameter_mm' => 600]];
        yield 'two hundred wheels' => [['count' => 200, 'diameter_mm' => 600, 'thickness_mm' => 40]];
        yield 'four veils' => [['count' => 4, 'diameter_mm' => 400, 'grams_each' => 5]];
    }

    /** @param array<string, float|int> $pieces */
    #[DataProvider('sizes')]
    public function test_a_size_that_no_rule_can_work_with_is_refused_as_a_size(array $pieces): void
    {
        try {
            Bench::planOf(['style' => 'pressed-masa', 'pieces' => $pieces]);
            self::fail('It was planned.');
        } catch (InvalidInput $refusal) {
            self::assertSame('pieces', $refusal->errors[0]->path);
            self::assertNotSame('', $refusal->errors[0]->limit);
        }
    }
}
