<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Measure\Learned;
use StoneMill\School\Stage;

/** What of a kitchen the record can teach a plan, besides the water of its bags. */
enum LearnedKind: string
{
    /** Points of the flour base by which this cook calls dough ready wetter than others. */
    case Feel = 'feel';

    /** Points of the flour base more than is worked out that a dough takes whose starch heat has swollen whole. */
    case Heat = 'heat';

    /** Thickness as it comes out, over the planned. */
    case Thickness = 'thickness';

    /** Relative standard deviation of the pieces. */
    case Evenness = 'evenness';

    /** Share of the dough that bowl and hands keep. */
    case BowlLoss = 'bowl_loss';

    /** How much sooner the bread colours than its kind. */
    case Colour = 'colour';

    /** Points of weight that it loses beside what is worked out. */
    case WeightLoss = 'weight_loss';

    /** K by which the bare metal sags under bread. */
    case Sag = 'sag';

    /** Seconds from piece to piece at the scale. */
    case Portion = 'portion';

    /** Seconds that shaping a piece takes. */
    case Shape = 'shape';

    /** @return array{float, float} the least and the most that a plan takes */
    public function limits(): array
    {
        return match ($this) {
            self::Feel => [-15.0, 15.0],
            self::Heat => [-30.0, 30.0],
            self::Thickness => [0.6, 1.7],
            self::Evenness => [0.0, 0.4],
            self::BowlLoss => [0.0, 0.15],
            self::Colour => [0.3, 3.0],
            self::WeightLoss => [-8.0, 8.0],
            self::Sag => [-60.0, 30.0],
            self::Portion, self::Shape => [1.0, 300.0],
        };
    }

    /** One of its unit in its own measure: shares are told in %. */
    public function one(): float
    {
        return $this === self::Evenness || $this === self::BowlLoss ? 0.01 : 1.0;
    }

    public function stage(): Stage
    {
        return match ($this) {
            self::Feel, self::Heat => Stage::Water,
            self::Evenness, self::BowlLoss, self::Portion => Stage::Portion,
            self::Thickness, self::Shape => Stage::Shape,
            self::Colour, self::WeightLoss, self::Sag => Stage::Griddle,
        };
    }

    public function inWords(Learned $learned): string
    {
        $value = $learned->value;
        $much = static fn (float $amount, int $digits = 1): string => number_format(abs($amount), $digits);
        $says = match ($this) {
            self::Feel => sprintf('this hand calls dough ready %s points %s than others', $much($value), $value > 0 ? 'wetter' : 'drier'),
            self::Heat => sprintf('a scalded dough takes %s points %s here than is worked out, where all of its starch is swollen', $much($value), $value > 0 ? 'more' : 'less'),
            self::Thickness => sprintf('discs of this hand come out %s %% %s than planned', $much(100 * ($value - 1), 0), $value > 1 ? 'thicker' : 'thinner'),
            self::Evenness => sprintf('pieces of this hand differ by %s %%', $much(100 * $value)),
            self::BowlLoss => sprintf('bowl and hands keep %s %% of the dough', $much(100 * $value)),
            self::Colour => sprintf('this bread colours %s times as readily here', $much($value, 2)),
            self::WeightLoss => sprintf('such bread loses %s points %s here than is worked out', $much($value), $value > 0 ? 'more' : 'less'),
            self::Sag => sprintf('the bare metal of this griddle stands %s degrees %s while bread lies on it', $much($value, 0), $value < 0 ? 'lower' : 'higher'),
            self::Portion => sprintf('a piece comes off the scale in %s s', $much($value, 0)),
            self::Shape => sprintf('shaping a piece takes %s s', $much($value, 0)),
        };
        $doubt = $this === self::Thickness ? 0.01 : $this->one();

        return ucfirst($says).', '.$learned->from($doubt).'.';
    }
}
