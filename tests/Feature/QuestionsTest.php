<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use StoneMill\Ask\Question;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\TestCase;

/** Every question of the core is answered over HTTP as on the command line: the same bytes, the same refusals. */
final class QuestionsTest extends TestCase
{
    private const ANSWERS = ['swap' => 'Swap', 'blend' => 'Blend', 'nixtamal' => 'Nixtamal', 'milling' => 'Milling', 'label' => 'LabelCheck', 'shape' => 'Shaping', 'bake' => 'Bakes', 'turns' => 'FoundTurns', 'loads' => 'Loads', 'calibrate' => 'Calibration', 'practice' => 'Practice', 'day' => 'Day', 'sheet' => 'RunSheet', 'learn' => 'Learned'];

    /** @return iterable<string, array{string, string}> */
    public static function examples(): iterable
    {
        yield 'compare' => ['compare', 'compare-water'];
        yield 'swap' => ['swap', 'swap-egg'];
        yield 'blend' => ['blend', 'blend-low-carb'];
        yield 'a clash' => ['blend', 'blend-clash'];
        yield 'choose' => ['choose', 'choose-wrap'];
        yield 'nixtamal' => ['nixtamal', 'nixtamal'];
        yield 'milling' => ['milling', 'milling-oats'];
        yield 'label' => ['label', 'label-own'];
        yield 'cut-outs, wedges and a sheet' => ['shape', 'shape-almond'];
        yield 'filled' => ['shape', 'shape-stuffed'];
        yield 'batter' => ['shape', 'shape-batter'];
        yield 'bake' => ['bake', 'bake-own'];
        yield 'turns' => ['turns', 'turns-masa'];
        yield 'loads' => ['loads', 'loads-masa'];
        yield 'calibrate' => ['calibrate', 'calibrate-iron'];
        yield 'practice' => ['practice', 'practice-hot'];
        yield 'day' => ['day', 'day-two-breads'];
        yield 'sheet' => ['sheet', 'sheet-nixtamal'];
        yield 'learn' => ['learn', 'learn-bags'];
        yield 'plan' => ['plan', 'scaled-by-what-is-scarce'];
    }

    #[DataProvider('examples')]
    public function test_the_answer_is_as_described_and_as_the_core_gives_it(string $question, string $example): void
    {
        $this->cook();
        $document = Said::json((string) file_get_contents(base_path("formats/examples/$example.json")))->fields();
        $text = (string) $this->postJson("/api/v1/$question", $document)->assertOk()->getContent();
        self::assertSame(json_encode(Bench::ask($question, $document)), $text);
        $this->assertDescribed($question, $text);
    }

    public function test_a_clash_of_wishes_is_an_answer_and_not_an_error(): void
    {
        $this->cook();
        $answer = $this->postJson('/api/v1/blend', ['style' => 'cassava-wrap', 'at_least' => ['cassava' => 60], 'net_carbohydrate_most' => 15])->assertOk();
        self::assertFalse($answer->json('possible'));
        self::assertContains('net_carbohydrate_most', array_column(Said::at($answer->json(), 'clash')->all(), 'wish'));
    }

    public function test_questions_are_for_those_who_signed_in(): void
    {
        foreach (Question::cases() as $question) {
            $this->postJson('/api/v1/'.$question->value, [])->assertUnauthorized();
        }
    }

    public function test_nonsense_is_refused_with_a_problem_that_names_the_place(): void
    {
        $this->cook();
        foreach (Question::cases() as $question) {
            $response = $this->postJson('/api/v1/'.$question->value, ['nonsense' => -1])->assertUnprocessable();
            Contract::assertHolds('problem.schema.json', (string) $response->getContent());
            self::assertNotSame([], $response->json('errors'), $question->value);
        }
    }

    private function assertDescribed(string $question, string $text): void
    {
        if (isset(self::ANSWERS[$question])) {
            Contract::assertHolds('openapi.json#/components/schemas/'.self::ANSWERS[$question], $text);

            return;
        }
        match ($question) {
            'plan' => Contract::assertHolds('batch-plan.schema.json', $text),
            'compare' => array_map(static fn (Said $change) => Contract::assertHolds('openapi.json#/components/schemas/Change', (string) json_encode($change, JSON_THROW_ON_ERROR)), [...Said::json($text)['changes']]),
            default => array_map(static fn (Said $bread) => Contract::assertHolds('openapi.json#/components/schemas/ChosenBread', (string) json_encode($bread, JSON_THROW_ON_ERROR)), [...Said::json($text)['breads']]),
        };
    }
}
