<?php

declare(strict_types=1);

namespace StoneMill\Learn;

use StoneMill\Bake\Colour;
use StoneMill\Exchange\Row;
use StoneMill\Record\BatchState;
use StoneMill\Record\PlannedBatch;
use StoneMill\Record\Verdict;

/**
 * What one batch says of its griddle and of its bread on it: what a thermometer read, empty and under load; how the judged shades lie
 * beside those that the plan expected, each face at the time it really lay; what the stack weighed.
 */
final readonly class HeatLesson
{
    /** A shade is judged by eye to about this. Planning estimate. */
    private const SHADE_DEVIATION = 0.08;

    /** Darker and paler than these a judged shade says little. */
    private const LEAST_SHADE = 0.06;

    private const MOST_SHADE = 0.85;

    /** Brownness grows with about the square of the time that a face lies. */
    private const COLOUR_POWER = 2.0;

    /**
     * @param string|null $griddle null where the plan named none
     * @param string|null $setting of its knob, where it was calibrated
     * @param float $plannedCelsius of the bare metal while bread lies on it
     * @param float $heldCelsius of the empty metal
     * @param list<float> $emptyCelsius read while nothing lay on it
     * @param list<float> $workingCelsius read while bread did
     * @param float|null $colourLog logarithm of brownness as judged over as expected of its kind; null where nobody judged
     * @param float $colourDeviation of it
     * @param float|null $lossPoints measured less expected weight loss, in % of the bread; null where no stack was weighed
     */
    public function __construct(
        public ?string $griddle,
        public ?string $setting,
        public string $style,
        public float $plannedCelsius,
        public float $heldCelsius,
        public array $emptyCelsius = [],
        public array $workingCelsius = [],
        public ?float $colourLog = null,
        public float $colourDeviation = 0.0,
        public ?float $lossPoints = null,
        public int $day = 0,
    ) {
    }

    /** Null where nothing was read, judged or weighed. */
    public static function of(PlannedBatch $plan, BatchState $state, ?Verdict $verdict): ?self
    {
        $griddle = $state->griddle();
        [$empty, $working] = $griddle->readings();
        [$colour, $doubt] = $verdict === null || $griddle->lifted() === 0 ? [null, 0.0] : self::colour($plan, $verdict, $griddle->lieShares());
        $loss = $state->stackLossPercent();
        if ($empty === [] && $working === [] && $colour === null && $loss === null) {
            return null;
        }

        return new self(
            $plan->griddleId,
            $plan->setting,
            $plan->style,
            $plan->surfaceCelsius,
            $plan->heldCelsius,
            $empty,
            $working,
            $colour,
            $doubt,
            $loss === null ? null : $loss - $plan->lossPercent,
        );
    }

    /** @return list<string> */
    public function inWords(): array
    {
        $mean = static fn (array $readings): float => array_sum($readings) / count($readings);

        return array_values(array_filter([
            $this->emptyCelsius === [] ? null : sprintf('The empty metal was read at %.0f °C where %.0f °C were planned.', $mean($this->emptyCelsius), $this->heldCelsius),
            $this->workingCelsius === [] ? null : sprintf('Under bread it was read at %.0f °C where %.0f °C were planned.', $mean($this->workingCelsius), $this->plannedCelsius),
            $this->colourLog === null ? null : sprintf('It coloured %.2f times as readily as expected.', exp($this->colourLog)),
            $this->lossPoints === null ? null : sprintf('It lost %.1f points %s weight than was worked out.', abs($this->lossPoints), $this->lossPoints >= 0 ? 'more' : 'less'),
        ]));
    }

    /** @return array{griddle: string|null, setting: string|null, style: string, planned: float, held: float, empty: list<float>, working: list<float>, colour: float|null, doubt: float, loss: float|null} */
    public function toRow(): array
    {
        return [
            'griddle' => $this->griddle, 'setting' => $this->setting, 'style' => $this->style, 'planned' => $this->plannedCelsius, 'held' => $this->heldCelsius,
            'empty' => $this->emptyCelsius, 'working' => $this->workingCelsius,
            'colour' => $this->colourLog === null ? null : round($this->colourLog, 4), 'doubt' => round($this->colourDeviation, 4),
            'loss' => $this->lossPoints === null ? null : round($this->lossPoints, 4),
        ];
    }

    public static function ofRow(Row $row, int $day): self
    {
        return new self(
            $row->optionalText('griddle'),
            $row->optionalText('setting'),
            $row->text('style'),
            $row->number('planned'),
            $row->number('held'),
            $row->numbers('empty'),
            $row->numbers('working'),
            $row->optionalNumber('colour'),
            $row->number('doubt'),
            $row->optionalNumber('loss'),
            $day,
        );
    }

    /**
     * Both faces together: each judged shade as brownness, over the expected one at the time that the face really lay.
     *
     * @param array{float, float} $lieShares how long each face lay, over the plan
     * @return array{float|null, float}
     */
    private static function colour(PlannedBatch $plan, Verdict $verdict, array $lieShares): array
    {
        $said = [];
        foreach ([$verdict->shadeFirst, $verdict->shadeSecond] as $face => $judged) {
            $expected = $plan->shades[$face] ?? 0.0;
            if ($judged === null || $expected < self::LEAST_SHADE || $judged < self::LEAST_SHADE || $judged > self::MOST_SHADE) {
                continue;
            }
            $brownness = Colour::ofShade($judged);
            $slope = (Colour::ofShade(min(0.95, $judged + 0.01)) - $brownness) / 0.01 / $brownness;
            $said[] = [log($plan->movedColour * $brownness / Colour::ofShade($expected)) - self::COLOUR_POWER * log(max(0.2, $lieShares[$face])), self::SHADE_DEVIATION * $slope];
        }
        if ($said === []) {
            return [null, 0.0];
        }

        // One eye judged both faces: the second adds little.
        return [array_sum(array_column($said, 0)) / count($said), array_sum(array_column($said, 1)) / count($said)];
    }
}
