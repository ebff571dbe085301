<?php

declare(strict_types=1);

namespace StoneMill\Record;

use StoneMill\Griddle\Aim;
use StoneMill\Griddle\TurnWindow;
use StoneMill\School\TurnAction;

/** What tells at each touch that it is time, beside the clock: to the eye, the ear and the nose. */
final readonly class TouchSigns
{
    private const SMOKE = 'White steam is water; blue-grey smoke is burning: lift it and turn the heat down.';

    private function __construct(private bool $isPoured, private bool $isThick, private bool $isRaised)
    {
    }

    /**
     * @param non-empty-list<TurnWindow> $touches
     * @return list<array{look: string, listen: string, smell: string}> of the lay, then of each touch; empty where a sense tells nothing
     */
    public static function of(array $touches, float $thicknessMillimetres, bool $isPoured, bool $isRaised): array
    {
        $signs = new self($isPoured, $thicknessMillimetres >= Aim::THIN_MILLIMETRES, $isRaised);
        $rows = [$signs->lay()];
        $last = count($touches) - 1;
        foreach ($touches as $index => $touch) {
            $rows[] = match (true) {
                $touch->action === TurnAction::Lift => $signs->lift($last),
                $touch->action === TurnAction::Press => self::row('It blisters in spots: pressed where it is flat, it swells within seconds.', 'A hiss where steam finds a way out.', 'Toasted grain.'),
                $touch->action === TurnAction::PressDown => self::row('It bulges, or its rim stands off the metal.', 'The sizzle comes back under the press.', ''),
                $touch->action === TurnAction::Wet => self::row('The top looks dry and dull; a wet brush leaves it shining, without a puddle.', '', ''),
                $touch->action === TurnAction::Brush => self::row('A thin shine from rim to rim, nothing runs off it.', 'It must not spit: too much fat, or water in it.', ''),
                $index === 0 => $signs->first(),
                default => self::row('Brown freckles below, bubbles under the upper face.', 'The sizzle grows quiet as the face dries.', 'Toasted grain, not smoke.'),
            };
        }

        return $rows;
    }

    /** @return array{look: string, listen: string, smell: string} */
    private function lay(): array
    {
        return $this->isPoured
            ? self::row('The batter sets at its rim at once and does not run back.', 'A soft hiss all round. Silence is too cold, spitting too hot.', '')
            : self::row('It lies flat and grips the metal.', 'A soft sizzle as it lands. Silence is too cold, a crackle too hot.', '');
    }

    /** @return array{look: string, listen: string, smell: string} */
    private function first(): array
    {
        return match (true) {
            $this->isPoured => self::row('The top is dull, its holes stay open, the rim lets go.', 'The hiss has faded.', ''),
            $this->isThick => self::row('The rim has set a third of the way up, freckles below.', 'A steady low sizzle.', $this->isRaised ? 'Baking bread.' : 'Cooked grain.'),
            default => self::row('The rim dries and lifts, and it slides when it is pushed.', 'The sizzle fades.', ''),
        };
    }

    /** @return array{look: string, listen: string, smell: string} */
    private function lift(int $last): array
    {
        return self::row(
            $last === 0 ? 'Dull and set all over, and it comes away by itself.' : ($this->isThick ? 'Both faces golden, the rim firm, and it springs back.' : 'Brown spots on both faces and no wet patch; it bends and springs back.'),
            $this->isThick ? 'Tapped below it sounds hollow.' : 'Hardly a sound left.',
            self::SMOKE,
        );
    }

    /** @return array{look: string, listen: string, smell: string} */
    private static function row(string $look, string $listen, string $smell): array
    {
        return ['look' => $look, 'listen' => $listen, 'smell' => $smell];
    }
}
