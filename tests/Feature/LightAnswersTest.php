<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;
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
            'version' => 1, 'id' => self::uuid(), 'request' => array_replace_recursive((array) $batch['request'], ['pieces' => ['count' => $pieces]]),
        ])->assertOk());
        $known = (array) $batch['state'];
        $seen = (int) data_get($batch, 'event_count');
        $heaviest = 0;
        $start = (int) strtotime(self::START);
        $do = function (string $kind, array $fields, int $second) use ($batch, $start, &$known, &$seen, &$heaviest): void {
            $answer = $this->postJson("/api/v1/batches/{$batch['id']}/events", [
                'events' => [[...self::event($kind, $fields), 'at' => date('Y-m-d\TH:i:s.000\Z', $start + $second)]], 'seen' => $seen,
            ])->assertOk();
            Contract::assertComponent('BatchChange', (string) $answer->getContent());
            self::assertSame($seen, $answer->json('since'));
            $heaviest = max($heaviest, strlen((string) $answer->getContent()));
            $known = [...$known, ...(array) $answer->json('state')];
            $seen = (int) $answer->json('event_count');
        };
        foreach ((array) data_get($batch, 'state.bowl.lines') as $line) {
            $do('measured', ['ingredient' => data_get($line, 'ingredient'), 'grams' => data_get($line, 'planned_grams')], 0);
        }
        $do('poured', ['grams' => data_get($batch, 'plan.water.first_pour_grams.value')], 60);
        $do('felt', ['grade' => 'crumbly'], 120);
        $do('corrected', ['water_grams' => 20, 'flour_grams' => 0, 'pieces' => $pieces], 150);
        $do('felt', ['grade' => 'ready'], 180);
        $do('scale_set', ['grams' => 44 * $pieces, 'pieces' => $pieces], 200);
        for ($piece = 1; $piece <= $pieces; $piece++) {
            $do('portioned', ['grams' => 44 * ($pieces - $piece)], 200 + 5 * $piece);
        }
        $do('noted', ['text' => 'Went well.'], 500);
        for ($step = 0; $step < 30; $step++) {
            [$action, $piece, $place, , $at] = data_get($known, 'griddle.steps.0');
            $since = data_get($known, 'griddle.since');
            $second = (int) $at + ($since === null ? 600 : (int) strtotime((string) $since) - $start);
            $do(['lay' => 'laid', 'turn' => 'turned', 'press' => 'turned', 'lift' => 'lifted'][$action], $action === 'lay' ? ['piece' => $piece, 'place' => $place] : ['piece' => $piece], $second);
        }
        self::assertEquals((array) $this->getJson("/api/v1/batches/{$batch['id']}")->json('state'), $known);
        self::assertLessThanOrEqual($bytes, $heaviest);
    }

    public function test_who_knows_less_of_the_log_or_sends_again_is_told_the_whole(): void
    {
        $this->cook();
        $id = data_get($this->startBatch(), 'id');
        $send = fn (array $event, ?int $seen) => $this->postJson("/api/v1/batches/$id/events", ['events' => [$event], ...($seen === null ? [] : ['seen' => $seen])])->assertOk();
        $note = self::event('noted', ['text' => 'From the other tablet.']);
        $send($note, null)->assertJsonPath('since', null)->assertJsonPath('state.stage', 'choose');
        $again = $send($note, 1);
        $again->assertJsonPath('since', null);
        self::assertArrayHasKey('bowl', (array) $again->json('state'), 'its answer was lost: nothing of it is known');
        $behind = $send(self::event('noted', ['text' => 'Mine.']), 0);
        $behind->assertJsonPath('since', null);
        self::assertCount(2, (array) $behind->json('state.notes'));
        $known = $send(self::event('noted', ['text' => 'And one more.']), 2);
        self::assertSame(['notes', 'undoable', 'undoable_event'], self::sorted(array_keys((array) $known->json('state'))));
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
