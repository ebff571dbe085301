<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use StoneMill\Bake\FaceState;
use StoneMill\Bake\Mesh;
use StoneMill\Griddle\Laying;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\PlannedBake;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;

/** A cook's clock must not hang on how finely the computer cuts time and depth, or it must be known by how much. */
final class StepTest extends TestCase
{
    #[DataProviderExternal(Bench::class, 'eachStyle')]
    public function test_steps_an_eighth_as_long_move_no_touch_and_no_bread(Style $style): void
    {
        $laying = (new ModelTurnPlanner)->settled(Bench::laying($style));
        $this->assertNear($laying, new Mesh(Mesh::fitting($laying->thicknessMillimetres())->layers, 1 / 8), touch: 0.02, lift: 0.01, loss: 0.01, colour: 0.03);
    }

    #[DataProviderExternal(Bench::class, 'eachStyle')]
    public function test_twice_the_layers_move_no_touch_out_of_half_its_window(Style $style): void
    {
        $laying = (new ModelTurnPlanner)->settled(Bench::laying($style));
        $this->assertNear($laying, new Mesh(2 * Mesh::fitting($laying->thicknessMillimetres())->layers, 1 / 8), touch: 0.07, lift: 0.055, loss: 0.025, colour: 0.11);
    }

    /** @param float $touch each as a share of what the finer mesh finds */
    private function assertNear(Laying $laying, Mesh $finer, float $touch, float $lift, float $loss, float $colour): void
    {
        $usual = (new ModelTurnPlanner)->bake($laying);
        $finest = (new ModelTurnPlanner($finer))->bake($laying);
        foreach ($finest->touches as $index => $one) {
            self::assertEqualsWithDelta($one->atSeconds, $usual->touches[$index]->atSeconds, $touch * $one->atSeconds, "touch $index");
        }
        self::assertEqualsWithDelta($finest->liftedAtSeconds, $usual->liftedAtSeconds, $lift * $finest->liftedAtSeconds, 'lifted');
        self::assertEqualsWithDelta($finest->work->bake->lossShare(), $usual->work->bake->lossShare(), $loss * $finest->work->bake->lossShare(), 'loss');
        foreach (self::colours($finest) as $face => $brownness) {
            self::assertEqualsWithDelta($brownness, self::colours($usual)[$face], $colour * $brownness, "face $face");
        }
    }

    /** @return list<float> brownness of the spots of either face */
    private static function colours(PlannedBake $baked): array
    {
        return array_map(static fn (FaceState $face): float => $face->spotBrownness, $baked->work->bake->faces());
    }
}
