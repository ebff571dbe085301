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

    /** @return array<string, mixed> */
    public function toArray(float $firstCelsius): array
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
            $loads[] = $this->row($load, $laidOn, $work);
            if ($load === 1) {
                $wait = $iron->secondsUntil($laying->surfaceCelsius() - self::RECOVERED_WITHIN_KELVIN, self::MOST_WAIT_SECONDS);
            }
            $iron->rest($this->gapSeconds);
        }

        return ['loads' => $loads, 'wait_seconds' => round($wait), 'gap_seconds' => $this->gapSeconds, 'words' => $this->words($loads, $wait)];
    }

    private function baked(Laying $laying, float $laidOn, RestingIron $iron): Griddling
    {
        $work = Griddling::lay($laying, patchCelsius: $laidOn, bareCelsius: $iron->bareCelsius());
        $work->follow($this->plan->touches);

        return $work;
    }

    /** @return array<string, mixed> */
    private function row(int $load, float $laidOn, Griddling $work): array
    {
        [$first, $second] = $work->bake->faces();

        return [
            'load' => $load,
            'laid_on_celsius' => round($laidOn, 1),
            'lowest_celsius' => round($work->bake->lowestMetalCelsius(), 1),
            'weight_loss_percent' => round(100 * $work->bake->lossShare(), 2),
            'centre_celsius' => round($work->bake->centreCelsius(), 1),
            'shades' => [round(Face::baked('first', $first)->shade, 3), round(Face::baked('second', $second)->shade, 3)],
        ];
    }

    /**
     * @param non-empty-list<array<string, mixed>> $loads
     * @return list<string>
     */
    private function words(array $loads, float $wait): array
    {
        $set = $this->plan->laying->surfaceCelsius();
        $lowest = min(array_map(static fn (array $row): float => is_float($row['lowest_celsius']) ? $row['lowest_celsius'] : INF, $loads));

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
