<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;
use StoneMill\Tests\Said;
use Tests\Contract;
use Tests\TestCase;

/** A tap is answered with what it changed: light enough for a weak kitchen net, and never less than the asker needs. */
final class LightAnswersTest extends TestCase
{
    private const START = '2026-03-02T10:00:00.000Z';

    #[TestWith([12, 6_000])]
    #[TestWith([40, 12_000])]
    public function test_every_entry_of_a_batch_is_answered_within_so_many_bytes_and_the_parts_make_up_the_whole(int $pieces, int $bytes): void
    {
        $this->cook();
        $batch = $this->startBatch();
        $batch = self::document($this->patchJson("/api/v1/batches/{$batch['id']}", [
            'version' => 1, 'id' => self::uuid(), 'request' => array_replace_recursive($batch['request']->fields(), ['pieces' => ['count' => $pieces]]),
        ])->assertOk());
        $known = $batch['state']->all();
        $seen = Said::at($batch, 'event_count')->whole();
        $heaviest = 0;
        $start = (int) strtotime(self::START);
        $do = function (string $kind, array $fields, int $second) use ($batch, $start, &$known, &$seen, &$heaviest): void {
            $answer = $this->postJson("/api/v1/batches/{$batch['id']}/events", [
                'events' => [[...self::event($kind), ...$fields, 'at' => date('Y-m-d\TH:i:s.000\Z', $start + $second)]], 'seen' => $seen,
            ])->assertOk();
            Contract::assertComponent('BatchChange', (string) $answer->getContent());
            self::assertSame($seen, $answer->json('since'));
            $heaviest = max($heaviest, strlen((string) $answer->getContent()));
            $known = [...$known, ...Said::at($answer->json(), 'state')->all()];
            $seen = Said::at($answer->json(), 'event_count')->whole();
        };
        foreach (Said::at($batch, 'state.bowl.lines')->all() as $line) {
            $do('measured', ['ingredient' => Said::at($line, 'ingredient')->value, 'grams' => Said::at($line, 'planned_grams')->value], 0);
        }
        $do('poured', ['grams' => Said::at($batch, 'plan.water.first_pour_grams.value')->value], 60);
        $do('felt', ['grade' => 'crumbly'], 120);
        $do('corrected', ['water_grams' => 20, 'flour_grams' => 0, 'pieces' => $pieces], 150);
        $do('felt', ['grade' => 'ready'], 180);
        $do('scale_set', ['grams' => 44 * $pieces, 'pieces' => $pieces], 200);
        for ($piece = 1; $piece <= $pieces; $piece++) {
            $do('portioned', ['grams' => 44 * ($pieces - $piece)], 200 + 5 * $piece);
        }
        $do('noted', ['text' => 'Went well.'], 500);
        for ($step = 0; $step < 30; $step++) {
            [$action, $piece, $place, , $at] = [...Said::at($known, 'griddle.steps.0')];
            $since = Said::at($known, 'griddle.since');
            $second = (int) $at->number() + ($since->value === null ? 600 : (int) strtotime($since->text()) - $start);
            $do(['lay' => 'laid', 'turn' => 'turned', 'press' => 'turned', 'lift' => 'lifted'][$action->text()], $action->value === 'lay' ? ['piece' => $piece, 'place' => $place] : ['piece' => $piece], $second);
        }
        self::assertEquals((array) $this->getJson("/api/v1/batches/{$batch['id']}")->json('state'), $known);
        self::assertLessThanOrEqual($bytes, $heaviest);
    }

    public function test_who_knows_less_of_the_log_or_sends_again_is_told_the_whole(): void
    {
        $this->cook();
        $id = $this->startBatch()['id']->text();
        $send = fn (array $event, ?int $seen) => $this->postJson("/api/v1/batches/$id/events", ['events' => [$event], ...($seen === null ? [] : ['seen' => $seen])])->assertOk();
        $note = self::event('noted', ['text' => 'From the other tablet.']);
        $send($note, null)->assertJsonPath('since', null)->assertJsonPath('state.stage', 'choose');
        $again = $send($note, 1);
        $again->assertJsonPath('since', null);
        self::assertArrayHasKey('bowl', Said::at($again->json(), 'state')->all(), 'its answer was lost: nothing of it is known');
        $behind = $send(self::event('noted', ['text' => 'Mine.']), 0);
        $behind->assertJsonPath('since', null);
        self::assertCount(2, Said::at($behind->json(), 'state.notes')->all());
        $known = $send(self::event('noted', ['text' => 'And one more.']), 2);
        self::assertSame(['notes', 'undoable', 'undoable_event'], self::sorted(array_keys(Said::at($known->json(), 'state')->fields())));
        $this->postJson("/api/v1/batches/$id/events", ['events' => [$note], 'seen' => -1])->assertUnprocessable()->assertJsonPath('errors.0.path', 'seen');
    }

    /**
     * @param list<string> $names
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }
}
