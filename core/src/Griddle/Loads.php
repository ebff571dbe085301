<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\RestingIron;

/** One load after another on the same places: how far each cools the metal, the wait that mends it, and why the first differ. The flame is as the plan turns it up. */
final readonly class Loads
{
    /** A place has its heat again once it is within this of the bare metal. */
    private const RECOVERED_WITHIN_KELVIN = 5.0;

    private const MOST_LOADS = 5;

    private const LEAST_LOADS = 3;

    /** Loads after one another are followed for about so long: a thick bread shows in three what a thin one shows in five. */
    private const FOLLOWED_SECONDS = 2400.0;

    private const MOST_WAIT_SECONDS = 600.0;

    /** @param float $gapSeconds between lifting a load and laying the next */
    public function __construct(private PlannedBake $plan, private float $gapSeconds)
    {
    }

    /** @param float $firstCelsius of the metal under the first */
    public function followed(float $firstCelsius): FollowedLoads
    {
        $laying = $this->plan->laying;
        $iron = new RestingIron($laying->iron, $laying->kitchen->roomCelsius, $firstCelsius);
        $loads = [];
        $wait = 0.0;
        $most = max(self::LEAST_LOADS, min(self::MOST_LOADS, (int) floor(self::FOLLOWED_SECONDS / max(1.0, $this->plan->liftedAtSeconds))));
        for ($load = 1; $load <= $most; $load++) {
            $laidOn = $iron->celsius();
            $work = $this->baked($laying, $laidOn, $iron);
            $iron = RestingIron::after($work->bake);
            $loads[] = new Load($load, $laidOn, $work);
            if ($load === 1) {
                $wait = $iron->secondsUntil($laying->surfaceCelsius() - self::RECOVERED_WITHIN_KELVIN, self::MOST_WAIT_SECONDS);
            }
            $iron->rest($this->gapSeconds);
        }

        return new FollowedLoads($loads, $wait, $this->gapSeconds, $this->words($loads, $wait));
    }

    private function baked(Laying $laying, float $laidOn, RestingIron $iron): Griddling
    {
        $work = Griddling::lay($laying, patchCelsius: $laidOn, bareCelsius: $iron->bareCelsius());
        $work->follow($this->plan->touches);

        return $work;
    }

    /**
     * @param non-empty-list<Load> $loads
     * @return list<string>
     */
    private function words(array $loads, float $wait): array
    {
        $set = $this->plan->laying->surfaceCelsius();
        $lowest = min(array_map(static fn (Load $load): float => $load->lowestCelsius(), $loads));

        $words = [
            sprintf('A full load cools the metal below it by up to %.0f degrees.', max(0.0, $set - $lowest)),
            $wait >= self::MOST_WAIT_SECONDS
                ? 'At this setting it does not recover between loads: turn up, lay fewer at a time, or wait longer each time.'
                : sprintf('%.0f s after lifting it is back within %.0f degrees.', $wait, self::RECOVERED_WITHIN_KELVIN),
        ];

        return $this->gapSeconds + 5 < $wait
            ? [...$words, 'Laid sooner than that, a place is cooler for the next piece than for the first: the times of the plan are for the later ones.']
            : $words;
    }
}
