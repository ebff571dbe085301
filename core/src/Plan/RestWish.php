<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Exchange\Node;
use StoneMill\School\Rest;
use StoneMill\School\RestPlace;

/** How the dough waits: standing after the pour, resting once it is mixed, resting once more as pieces. */
final readonly class RestWish
{
    /** A bowl of dough is this share nearer to where it stands after so many minutes; pieces on a board are sooner. Planning estimates. */
    private const BOWL_MINUTES = 120.0;

    private const PIECES_MINUTES = 30.0;

    private function __construct(
        public float $standMinutes,
        private ?float $minutes,
        private ?RestPlace $place,
        public float $secondMinutes,
        public RestPlace $secondPlace,
    ) {
    }

    public static function read(Node $stand, Node $rest, Node $second): self
    {
        $rest->object(['minutes', 'place']);
        $second->object(['minutes', 'place']);

        return new self(
            $stand->optionalNumber(0, Limits::MOST_STAND_MINUTES, 'min') ?? 0.0,
            $rest->at('minutes')->optionalNumber(0, Limits::MOST_REST_MINUTES, 'min'),
            $rest->at('place')->optionalChoice(RestPlace::class),
            $second->at('minutes')->optionalNumber(0, Limits::MOST_REST_MINUTES, 'min') ?? 0.0,
            $second->at('place')->optionalChoice(RestPlace::class) ?? RestPlace::Room,
        );
    }

    /** Minutes that the mixed dough rests: the cook's own, or the school's. */
    public function minutes(Rest $school): float
    {
        return $this->minutes ?? $school->seconds() / 60;
    }

    public function place(Rest $school): RestPlace
    {
        return $this->place ?? ($school === Rest::ChilledOvernight && $this->minutes === null ? RestPlace::Fridge : RestPlace::Room);
    }

    /** Whether the cook said how long, whatever the school says. */
    public function isOwn(): bool
    {
        return $this->minutes !== null;
    }

    /**
     * °C of the dough after its waits in places other than the room; how a wait in the room cools it the griddle's own estimate holds.
     *
     * @param float $minutes that it rests as one dough
     */
    public function celsiusAfter(float $doughCelsius, float $minutes, Rest $school): float
    {
        $celsius = self::drifted($doughCelsius, $this->place($school)->celsius(), $minutes, self::BOWL_MINUTES);

        return self::drifted($celsius, $this->secondPlace->celsius(), $this->secondMinutes, self::PIECES_MINUTES);
    }

    private static function drifted(float $celsius, ?float $around, float $minutes, float $constant): float
    {
        return $around === null ? $celsius : $around + ($celsius - $around) * exp(-$minutes / $constant);
    }
}
