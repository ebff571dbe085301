<?php

declare(strict_types=1);

namespace StoneMill\Tests\Griddle;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use StoneMill\Bake\FaceState;
use StoneMill\Bake\Mesh;
use StoneMill\Griddle\ModelTurnPlanner;
use StoneMill\Griddle\PlannedBake;
use StoneMill\Style\Style;
use StoneMill\Tests\Bench;

/** A cook's clock must not hang on how finely the computer cuts time. */
final class StepTest extends TestCase
{
    #[DataProviderExternal(Bench::class, 'eachStyle')]
    public function test_steps_an_eighth_as_long_move_no_touch_and_no_bread(Style $style): void
    {
        $laying = (new ModelTurnPlanner)->settled(Bench::laying($style));
        $usual = (new ModelTurnPlanner)->bake($laying);
        $finer = (new ModelTurnPlanner(new Mesh(Mesh::fitting($laying->thicknessMillimetres())->layers, 1 / 8)))->bake($laying);
        foreach ($finer->touches as $index => $touch) {
            self::assertEqualsWithDelta($touch->atSeconds, $usual->touches[$index]->atSeconds, 0.02 * $touch->atSeconds, "touch $index");
        }
        self::assertEqualsWithDelta($finer->liftedAtSeconds, $usual->liftedAtSeconds, 0.01 * $finer->liftedAtSeconds, 'lifted');
        self::assertEqualsWithDelta($finer->work->bake->lossShare(), $usual->work->bake->lossShare(), 0.01 * $finer->work->bake->lossShare(), 'loss');
        foreach (self::colours($finer) as $face => $brownness) {
            self::assertEqualsWithDelta($brownness, self::colours($usual)[$face], 0.03 * $brownness, "face $face");
        }
    }

    /** @return list<float> brownness of the spots of either face */
    private static function colours(PlannedBake $baked): array
    {
        return array_map(static fn (FaceState $face): float => $face->spotBrownness, $baked->work->bake->faces());
    }
}
