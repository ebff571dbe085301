<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Exchange\Node;
use StoneMill\School\TurnSchool;

/** What a cook wants of the griddle, and what may be changed to get it. */
final readonly class TurnWish
{
    /**
     * @param non-empty-list<TurnSchool> $schools that the cook would turn by
     * @param array{float, float}|null $heat lowest and highest surface in °C to look between; null keeps the heat as it is
     */
    public function __construct(public Aim $aim, public array $schools, public ?array $heat)
    {
    }

    public static function read(Node $node, Laying $laying): self
    {
        $node->object(['shade', 'weight_loss_percent', 'centre_celsius', 'puff', 'schools', 'heat']);
        $loss = $node->at('weight_loss_percent')->optionalNumber(Aim::LEAST_LOSS_PERCENT, Aim::MOST_LOSS_PERCENT, '%');
        $aim = $laying->aim->wishing(
            $loss === null ? null : $loss / 100,
            $node->at('shade')->optionalNumber(Aim::LEAST_SHADE, Aim::MOST_SHADE),
            $node->at('centre_celsius')->optionalNumber(70, 99, '°C'),
            $node->at('puff')->optionalBoolean(),
        );

        return new self($aim, self::schools($node->at('schools'), $laying), self::heat($node->at('heat'), $laying));
    }

    /** @return non-empty-list<TurnSchool> */
    private static function schools(Node $node, Laying $laying): array
    {
        $schools = [];
        foreach ($node->isAbsent() ? [] : $node->choices(TurnSchool::class, 7) as $school) {
            if ($laying->usual->allows($school)) {
                $schools[] = $school;
            } else {
                $node->refuse('This bread cannot be turned that way.', $laying->usual->schoolsInWords());
            }
        }

        return $schools === [] ? [$laying->school] : $schools;
    }

    /** @return array{float, float}|null */
    private static function heat(Node $node, Laying $laying): ?array
    {
        if ($node->isAbsent()) {
            return [$laying->usual->surfaceCelsius->low, $laying->usual->surfaceCelsius->high];
        }
        $node->object(['least_celsius', 'most_celsius']);
        $least = $node->at('least_celsius')->number(SurfaceRange::LEAST_CELSIUS, SurfaceRange::MOST_CELSIUS, '°C');
        $most = $node->at('most_celsius')->number(SurfaceRange::LEAST_CELSIUS, SurfaceRange::MOST_CELSIUS, '°C');
        if ($most < $least) {
            $node->at('most_celsius')->refuse('The most is below the least.', sprintf('at least %g °C', $least));
        }

        return $most - $least < 0.5 ? null : [$least, $most];
    }
}
