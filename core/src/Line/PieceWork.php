<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\Griddle\TurnWindow;
use StoneMill\School\TurnAction;

/** What one piece asks of hands, press and griddle, in seconds. All pieces of a batch ask the same. */
final readonly class PieceWork
{
    /** A brush over the open face. Planning estimate. */
    private const BRUSH_SECONDS = 3.0;

    /** From laying until it is off. */
    public float $stay;

    /** Of one pair of hands, from the scale until it is off. */
    public float $hands;

    /**
     * @param float $lay with the oil that goes under it; touches are counted from where that begins
     * @param non-empty-list<LineTouch> $touches the lift is the last
     * @param float $recover that a place waits for its heat after a lift
     * @param float $dries how long a shaped piece may wait uncovered
     * @param float $oil of the lay, so much goes on the metal first
     * @param float $freshShare of the time from laying to each touch that the first piece on a place takes: nothing has cooled its metal
     */
    public function __construct(
        public float $portion,
        public float $shape,
        public bool $pressed,
        public float $lay,
        public array $touches,
        public float $recover,
        public float $dries,
        public float $oil = 0.0,
        public float $freshShare = 1.0,
    ) {
        $lift = $touches[count($touches) - 1];
        $this->stay = $lift->at + $lift->hands;
        $this->hands = $portion + $shape + $lay + array_sum(array_map(static fn (LineTouch $touch): float => $touch->hands, $touches));
    }

    /** @param non-empty-list<TurnWindow> $touches the lift is the last */
    public static function of(array $touches, Pace $pace, float $recover, float $dries, float $freshShare = 1.0): self
    {
        $work = [];
        foreach ($touches as $index => $touch) {
            $hands = match ($touch->action) {
                TurnAction::Lift => $pace->lift + $pace->flame,
                TurnAction::Press => $pace->press,
                TurnAction::PressDown => $pace->press,
                TurnAction::Turn => $pace->turn,
                TurnAction::Wet, TurnAction::Brush => self::BRUSH_SECONDS,
            };
            // On very hot metal the next touch can be due before this one is usually over.
            $next = isset($touches[$index + 1]) ? $touches[$index + 1]->atSeconds : INF;
            $hands = min($hands, $next - $touch->atSeconds);
            // A bread is done at its lift's best moment, not before; a turn may come anywhere in its window.
            $from = $touch->action === TurnAction::Lift ? $touch->atSeconds : $touch->fromSeconds;
            $work[] = new LineTouch($touch->action, $pace->oil + $from, $pace->oil + $touch->atSeconds, $pace->oil + $touch->toSeconds, $hands);
        }

        return new self($pace->portion, $pace->shape, $pace->pressed, $pace->oil + min($pace->lay, $touches[0]->atSeconds), $work, $recover, $dries, $pace->oil, $freshShare);
    }

    /** @return non-empty-list<LineTouch> of a piece on a place that is fresh, or that others lay on before */
    public function touchesOn(bool $fresh): array
    {
        if (! $fresh || $this->freshShare === 1.0) {
            return $this->touches;
        }
        $sooner = fn (float $seconds): float => $this->oil + $this->freshShare * ($seconds - $this->oil);

        return array_map(static fn (LineTouch $touch): LineTouch => new LineTouch($touch->action, $sooner($touch->from), $sooner($touch->at), $sooner($touch->to), $touch->hands), $this->touches);
    }
}
