<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Plan\BatchPlan;
use StoneMill\Record\BatchState;
use StoneMill\School\After;
use StoneMill\School\Shaping;

/** What scale, board and stack say. Limits and reaches are planning estimates. */
final readonly class BenchSignals
{
    private const EVEN_PERCENT = 4.0;

    /** From here on hands and rims dry quickly. */
    private const DRY_PERCENT = 40.0;

    private BatchPlan $plan;

    private BatchState $state;

    public function __construct(private Circumstances $batch)
    {
        $this->plan = $batch->plan;
        $this->state = $batch->state;
    }

    /** Null where nothing is known of it, or another room reads it. */
    public function read(Signal $signal): ?Evidence
    {
        return match ($signal) {
            Signal::WaitedOpen => $this->waited(),
            Signal::DiscsThin, Signal::DiscsThick => $this->thickness($signal),
            Signal::PiecesUneven => $this->uneven(),
            Signal::ByHand => in_array($this->plan->request->method->shape, [Shaping::Palms, Shaping::Fingers, Shaping::RollingPin], true)
                ? Evidence::of($signal, 0.5, 'It is shaped by hand, without a press.')
                : Evidence::of($signal, -0.5, 'A press or cutter makes it even.'),
            Signal::DryRoom => $this->plan->request->room->relativeHumidityPercent === null
                ? null
                : Evidence::beyond($signal, $this->plan->request->room->relativeHumidityPercent, self::DRY_PERCENT, -15.0, sprintf('The room has %.0f %% humidity.', $this->plan->request->room->relativeHumidityPercent)),
            Signal::StackedHot => $this->plan->request->method->after === After::StackInCloth || $this->plan->request->method->after === After::LinedBox
                ? Evidence::of($signal, 0.6, 'It is stacked hot and covered.')
                : Evidence::of($signal, -0.6, 'It is not stacked hot.'),
            Signal::LeftOpen => $this->plan->request->method->after === After::Rack || $this->plan->request->method->after === After::StackToCool
                ? Evidence::of($signal, 0.6, 'It cools open.')
                : Evidence::of($signal, -0.6, 'It is kept covered.'),
            default => null,
        };
    }

    /** The log does not say when a piece was shaped, only when it was laid: what is laid last has waited longest, if all were shaped at once. */
    private function waited(): ?Evidence
    {
        $seconds = $this->state->griddle()->waitedSeconds($this->batch->piece);
        $limit = (float) $this->plan->request->style->uncoveredSeconds;
        if ($seconds === null || $limit <= 0) {
            return null;
        }
        $text = sprintf('%s was laid %.0f min after the first; shaped and uncovered it keeps for %.0f.', $this->batch->piece === null ? 'The last piece' : 'This piece', $seconds / 60, $limit / 60);

        return Evidence::beyond(Signal::WaitedOpen, $seconds, $limit, 0.8 * $limit, $text);
    }

    private function thickness(Signal $signal): Evidence
    {
        $ratios = $this->state->discThicknessRatios();
        $planned = $this->plan->disc->thicknessMillimetres;
        if ($ratios !== []) {
            $ratio = array_sum($ratios) / count($ratios);
            $text = sprintf('Discs were measured at %.1f mm; %.1f mm was planned.', $ratio * $planned, $planned);

            return Evidence::beyond($signal, $signal === Signal::DiscsThin ? 1 - $ratio : $ratio - 1, 0.08, 0.1, $text);
        }
        $band = $this->plan->request->style->thicknessBand;
        [$low, $high] = [$band->low, $band->high];
        $text = sprintf('Planned at %.1f mm; usual is %.1f to %.1f mm.', $planned, $low, $high);
        $reach = 0.5 * max(0.5, $high - $low);

        return $signal === Signal::DiscsThin ? Evidence::beyond($signal, $planned, $low, -$reach, $text) : Evidence::beyond($signal, $planned, $high, $reach, $text);
    }

    private function uneven(): ?Evidence
    {
        $spread = $this->state->portions()->spreadPercent();

        return $spread === null ? null : Evidence::beyond(Signal::PiecesUneven, $spread, self::EVEN_PERCENT, 3.0, sprintf('The pieces differ by %.0f %%.', $spread));
    }
}
