<?php

declare(strict_types=1);

namespace StoneMill\Griddle;

use StoneMill\Bake\Above;
use StoneMill\Bake\RestingIron;
use StoneMill\Exchange\Node;
use StoneMill\Measure\Exception\OutOfRange;
use StoneMill\School\TurnAction;

/** A griddle to practise on: what was done so far, and what the cook sees, hears and smells now. */
final readonly class Practice
{
    public const MOST_ACTS = 60;

    public const MOST_SECONDS = 3600.0;

    /** @param list<array{act: PracticeAct, seconds: float, celsius: float|null}> $acts in order */
    public function __construct(private array $acts, private float $nowSeconds)
    {
        OutOfRange::guard('seconds of practice', $nowSeconds, 0, self::MOST_SECONDS);
    }

    public static function read(Node $root): self
    {
        $acts = [];
        $before = 0.0;
        $lifted = false;
        foreach ($root->at('acts')->isAbsent() ? [] : $root->at('acts')->items(0, self::MOST_ACTS) as $node) {
            $node->object(['act', 'at_seconds', 'celsius']);
            $act = $node->at('act')->choice(PracticeAct::class);
            $seconds = $node->at('at_seconds')->number($before, self::MOST_SECONDS, 's, none before the one above');
            $celsius = $node->at('celsius')->optionalNumber(SurfaceRange::LEAST_CELSIUS, SurfaceRange::MOST_CELSIUS, '°C');
            if ($act === PracticeAct::Knob && $celsius === null) {
                $node->at('celsius')->refuse('This is missing.', 'a setting to turn the knob to');
            }
            if ($lifted) {
                $node->refuse('The bread has left the griddle.', 'nothing after the lift');
            }
            $lifted = $act === PracticeAct::Lift;
            $acts[] = ['act' => $act, 'seconds' => $seconds, 'celsius' => $celsius];
            $before = max($before, $seconds);
        }

        return new self($acts, max($before, $root->at('now_seconds')->number(0, self::MOST_SECONDS, 's')));
    }

    public function on(Laying $laying, ?float $metalCelsius): Practised
    {
        $work = Griddling::lay($laying, patchCelsius: $metalCelsius);
        $touches = [];
        $lifted = null;
        foreach ($this->acts as ['act' => $act, 'seconds' => $seconds, 'celsius' => $celsius]) {
            $work->lie($seconds - $work->bake->secondsOn());
            $this->do($work, $act, $celsius);
            if ($act->touch() !== null) {
                $touches[] = new TurnWindow($act->touch(), $seconds, $seconds, $seconds);
            }
            if ($act === PracticeAct::Lift && $touches !== []) {
                $lifted = new PlannedBake($laying, $work, $touches, $seconds, $work->bake->centreCelsius(), RestingIron::after($work->bake));
                break;
            }
        }
        if ($lifted === null) {
            $work->lie(max(0.0, $this->nowSeconds - $work->bake->secondsOn()));
        }

        return new Practised($work, $lifted);
    }

    private function do(Griddling $work, PracticeAct $act, ?float $celsius): void
    {
        match ($act) {
            PracticeAct::Turn, PracticeAct::Press, PracticeAct::Lift => $work->touch($act->touch() ?? TurnAction::Turn),
            PracticeAct::Cover => $work->bake->bringUnder(Above::Covered),
            PracticeAct::Uncover => $work->bake->bringUnder(Above::Open),
            PracticeAct::Knob => $work->bake->setKnob($celsius ?? $work->bake->metalCelsius()),
        };
    }
}
