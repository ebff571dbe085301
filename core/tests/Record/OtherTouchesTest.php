<?php

declare(strict_types=1);

namespace StoneMill\Tests\Record;

use DateTimeImmutable;
use PHPUnit\Framework\TestCase;
use StoneMill\Document\PlanDocument;
use StoneMill\Exchange\Findings;
use StoneMill\Exchange\Node;
use StoneMill\Griddle\TurnWindow;
use StoneMill\Record\BatchEvent;
use StoneMill\Record\BatchState;
use StoneMill\Record\GriddlePiece;
use StoneMill\Record\LogTime;
use StoneMill\School\TurnAction;
use StoneMill\Tests\Bench;
use StoneMill\Tests\Said;

/** Wetting, brushing and pressing as the bread lies: planned by the cook, called out, logged, and eaten. */
final class OtherTouchesTest extends TestCase
{
    private const TOUCHES = [
        ['action' => 'wet', 'at_seconds' => 12], ['action' => 'turn', 'at_seconds' => 24], ['action' => 'brush', 'at_seconds' => 40],
        ['action' => 'press_down', 'at_seconds' => 55], ['action' => 'turn', 'at_seconds' => 70], ['action' => 'lift', 'at_seconds' => 100],
    ];

    public function test_what_does_not_turn_the_bread_leaves_each_face_its_share(): void
    {
        $laid = new DateTimeImmutable('2026-03-01T11:00:00Z');
        $planned = array_map(static fn (array $touch): TurnWindow => new TurnWindow(TurnAction::from($touch['action']), (float) $touch['at_seconds'], $touch['at_seconds'] - 3.0, $touch['at_seconds'] + 3.0), self::TOUCHES);
        $piece = GriddlePiece::laid(1, 1, $laid)->touched(LogTime::later($laid, 18.0), false);
        // Wetted 6 s late, the first face is still turned after its 24: the 12 s to the turn become 6.
        self::assertEqualsWithDelta([24.0, 40.0, 55.0, 70.0, 100.0], array_column($piece->due($planned, $laid), 'at'), 1e-6);
        // First face 24 and 30 s, second 46.
        $whole = array_reduce(self::TOUCHES, static fn (GriddlePiece $so, array $touch): GriddlePiece => $so->touched(LogTime::later($laid, (float) $touch['at_seconds']), $touch['action'] === 'lift'), GriddlePiece::laid(1, 1, $laid));
        self::assertEqualsWithDelta([[54.0, 54.0], [46.0, 46.0]], $whole->lies($planned), 1e-6);
    }

    public function test_water_on_top_keeps_it_heavier_and_fat_colours_the_face_evenly_that_it_comes_to(): void
    {
        $bake = static fn (string $extra): array => (array) Bench::ask('bake', ['request' => ['style' => 'pressed-masa'], 'own' => ['touches' => [
            ['action' => 'turn', 'at_seconds' => 24], ...($extra === '' ? [] : [['action' => $extra, 'at_seconds' => 30]]), ['action' => 'turn', 'at_seconds' => 70], ['action' => 'lift', 'at_seconds' => 100],
        ]]])['own'];
        $plain = $bake('');
        self::assertLessThan(data_get($plain, 'loss.value'), data_get($bake('wet'), 'loss.value'));
        $uneven = static fn (array $own): float => abs(Said::at($own, 'faces.0.shade.value')->number() - Said::at($own, 'faces.0.rest_shade')->number());
        self::assertLessThan($uneven($plain), $uneven($bake('brush')), 'fat fills the gap: the spots stand out less from the rest');
        self::assertGreaterThan(data_get($plain, 'faces.0.rest_shade'), data_get($bake('brush'), 'faces.0.rest_shade'));
        self::assertEqualsWithDelta(Said::at($plain, 'faces.1.shade.value')->number(), Said::at($bake('brush'), 'faces.1.shade.value')->number(), 0.005, 'the face that lies below when fat goes on the other');
        self::assertLessThan(1.0, abs(Said::at($bake('wet'), 'residuals.water_percent')->number()), 'the water that was brushed on is accounted for');
    }

    public function test_the_fat_that_is_brushed_on_is_weighed_and_declared(): void
    {
        $extras = static fn (array $griddle): array => array_column((array) PlanDocument::of(Bench::planOf(['style' => 'pressed-masa', 'griddle' => $griddle]))->json['extras'], 'place');
        self::assertNotContains('faces', $extras([]));
        self::assertContains('faces', $extras(['own' => ['touches' => self::TOUCHES]]));
    }

    public function test_each_is_called_out_in_its_turn_and_logged_by_its_name(): void
    {
        $document = PlanDocument::of(Bench::planOf(['style' => 'pressed-masa', 'griddle' => ['own' => ['touches' => self::TOUCHES]]]))->json;
        $state = BatchState::of(PlanDocument::stored($document, PlanDocument::FORMAT)->planned(), []);
        $at = 0;
        $record = static function (BatchState $state, array $fields) use (&$at): BatchState {
            $findings = new Findings;
            $node = Node::root(['id' => sprintf('00000000-0000-4000-8000-%012d', ++$at), 'at' => sprintf('2026-03-01T11:%02d:%02d.000Z', intdiv($at * 12, 60), $at * 12 % 60), ...$fields], $findings);
            $event = BatchEvent::read($node);
            $state->check($event, $node);
            $findings->refuseIfAny();

            return $state->with($event);
        };
        $state = $record($state, ['kind' => 'laid', 'piece' => 1, 'place' => 1]);
        $next = static fn (BatchState $state): mixed => array_values(array_filter($state->griddle()->steps(), static fn ($step): bool => $step->piece === 1))[0]->action->value ?? null;
        $kinds = ['wet' => 'wetted', 'turn' => 'turned', 'brush' => 'brushed', 'press_down' => 'pressed', 'lift' => 'lifted'];
        // On the side, it moves nothing.
        $state = $record($state, ['kind' => 'brushed', 'piece' => 1]);
        foreach (self::TOUCHES as $index => $touch) {
            self::assertSame($touch['action'], $next($state));
            $state = $record($state, ['kind' => $kinds[$touch['action']], 'piece' => 1, 'touch' => $index + 1]);
        }
        self::assertSame(1, $state->griddle()->lifted());
    }
}
