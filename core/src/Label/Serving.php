<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedExtra;
use StoneMill\Pantry\Role;
use StoneMill\School\ExtraPlace;
use StoneMill\School\Purpose;
use StoneMill\School\Stage;
use StoneMill\School\WorkStep;

/**
 * What is done with a finished bread for what it is meant for, each step with its check. The times are usual ones of practice (planning
 * estimates): the check decides.
 */
final readonly class Serving
{
    private const MELT_SECONDS = 90;

    private const BAKE_SECONDS = 420;

    private const BAKE_CELSIUS = 220;

    private const CRISP_CELSIUS = 180;

    /** So long at that heat, and so much longer for each mm. */
    private const CRISP_SECONDS = 300;

    private const CRISP_SECONDS_PER_MILLIMETRE = 180;

    private const STAND_SECONDS = 120;

    /** @param list<WeighedExtra> $extras of the batch */
    public function __construct(private ?Purpose $purpose, private float $thicknessMillimetres, private array $extras)
    {
    }

    /** @return list<WorkStep> in the order of the work */
    public function steps(): array
    {
        $fats = $this->at(ExtraPlace::After, true);
        $others = $this->at(ExtraPlace::After, false);
        $with = self::amounts($others);

        $brush = $fats === [] ? null : self::step('brush', sprintf('Brush with %s', self::amounts($fats)), 'A thin shine all over, no puddle.', $fats);
        $serve = $others === [] ? null : self::step('serve-with', "Serve with $with", 'While it is warm.', $others);
        // What is baked once more is brushed before; anything else when it is done.
        $isBaked = in_array($this->purpose, [Purpose::Top, Purpose::Crisp], true);

        return array_values(array_filter([
            $isBaked ? $brush : null,
            ...match ($this->purpose) {
                null, Purpose::Dip => [$serve],
                Purpose::Wrap => [self::step('wrap', $others === [] ? 'Wrap it while soft and warm' : "Lay on $with and wrap", 'It bends round a finger without a crack; one that has gone cold is warmed first.', $others)],
                Purpose::Fold => $others === [] ? [self::step('fold', 'Fold it while warm', 'No crack along the fold.', [])] : [
                    self::step('fold', "Lay on $with and fold", 'No crack along the fold.', $others),
                    self::step('melt', 'Melt it in a dry covered pan, turned once', 'The filling runs and the outside has gone crisp.', $others, self::MELT_SECONDS),
                ],
                Purpose::Fill => [self::step('stand', 'Let it stand a moment', 'The filling is hotter than the bread and burns the mouth.', [], self::STAND_SECONDS), $serve],
                Purpose::Split => [
                    self::step('split', 'Split it while hot, in a cloth', 'Cut away from you: the first steam that comes out burns.', []),
                    $others === [] ? null : self::step('stuff', "Fill it with $with", 'While its inside still steams a little.', $others),
                ],
                Purpose::Top => [self::step('bake', sprintf('Top it%s and bake at %d °C', $others === [] ? '' : " with $with", self::BAKE_CELSIUS), 'The topping bubbles, the rim is golden. Dry mitts: rack and tray are hot.', $others, self::BAKE_SECONDS)],
                Purpose::Crisp => [
                    self::step('cut', 'Cut it in eight wedges', 'One layer on the tray, none on another.', []),
                    self::step('crisp', sprintf('Bake crisp at %d °C, turned half way', self::CRISP_CELSIUS), 'They snap once cold; no brown corner, and it smells of toast, not of smoke.', [], (int) round(self::CRISP_SECONDS + self::CRISP_SECONDS_PER_MILLIMETRE * $this->thicknessMillimetres)),
                    $serve,
                ],
            },
            $isBaked ? null : $brush,
        ]));
    }

    /** @return list<WeighedExtra> at that place, the fats or the others */
    private function at(ExtraPlace $place, bool $fats): array
    {
        return array_values(array_filter($this->extras, static fn (WeighedExtra $extra): bool => $extra->place === $place && ($extra->ingredient->role === Role::Fat) === $fats));
    }

    /** @param list<WeighedExtra> $extras */
    private static function amounts(array $extras): string
    {
        return implode(', ', array_map(static fn (WeighedExtra $extra): string => sprintf('%g g %s', round($extra->gramsEach, 1), $extra->ingredient->inShort()), $extras));
    }

    /** @param list<WeighedExtra> $extras */
    private static function step(string $id, string $name, string $check, array $extras, int $seconds = 0): WorkStep
    {
        return new WorkStep($id, Stage::Stack, $name, $check, array_map(static fn (WeighedExtra $extra): string => $extra->ingredient->id, $extras), $seconds);
    }
}
