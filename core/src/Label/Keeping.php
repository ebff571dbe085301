<?php

declare(strict_types=1);

namespace StoneMill\Label;

use StoneMill\Dough\WeighedLine;
use StoneMill\Measure\Spread;
use StoneMill\Pantry\Role;
use StoneMill\School\After;

/**
 * How long a bread stays as it should be once it has left the griddle, how it is put by, and how it is warmed again. Warmth is a stack that cools as one body;
 * days and seconds are planning estimates of practice, and where food may spoil local codes lead. docs/model.md, "After the griddle".
 */
final readonly class Keeping
{
    /** A stack begins at about this, and below the other its swollen starch stiffens. */
    private const LIFTED_CELSIUS = 85.0;

    private const STIFF_CELSIUS = 45.0;

    /** J/(m³·K) of a baked flat bread: about 1,050 kg/m³ and 2.9 kJ/(kg·K). */
    private const HEAT_PER_CUBIC_METRE = 3.0e6;

    /** Cloths, stacks and kitchens differ by about so much. */
    private const REACH = 0.3;

    private const MOST_MINUTES = 90.0;

    private const CODE = 'your local food code leads';

    /** Thinner than this in mm it is hot through on a pan before its faces darken; thicker, only an oven or steam reaches the middle. */
    private const PAN_MILLIMETRES = 6.0;

    private const FLAME_MILLIMETRES = 3.0;

    /** @param list<WeighedLine> $lines water included */
    public function __construct(private After $after, private float $thicknessMillimetres, private float $diameterMillimetres, private int $pieces, private array $lines, private float $roomCelsius)
    {
    }

    /**
     * Minutes until the stack is down to where it stiffens: one body of the stack's volume and surface, cooling into the room. Null where it is not to stay warm, or an
     * oven keeps it so.
     */
    public function warmMinutes(): ?Spread
    {
        $exchange = $this->wattsPerSquareMetreKelvin();
        if ($exchange === null) {
            return null;
        }
        $height = $this->pieces * $this->thicknessMillimetres / 1000;
        $diameter = $this->diameterMillimetres / 1000;
        $metresPerSurface = $height * $diameter / (2 * $diameter + 4 * $height);
        $room = min(self::STIFF_CELSIUS - 5, $this->roomCelsius);
        $likely = self::HEAT_PER_CUBIC_METRE * $metresPerSurface / $exchange * log((self::LIFTED_CELSIUS - $room) / (self::STIFF_CELSIUS - $room)) / 60;

        return Spread::of(...array_map(static fn (float $minutes): float => min(self::MOST_MINUTES, $minutes), [$likely * (1 - self::REACH), $likely, $likely * (1 + self::REACH)]));
    }

    /** What a wrapped stack gives off: still air and radiation near 10 through a cloth, half of that in a box. Null where nothing is to stay warm, or an oven sees to it. */
    private function wattsPerSquareMetreKelvin(): ?float
    {
        return match ($this->after) {
            After::StackInCloth => 8.0,
            After::LinedBox => 4.0,
            After::StackToCool, After::Rack, After::LowOven => null,
        };
    }

    public function hold(?Spread $warm): string
    {
        return match ($this->after) {
            After::StackInCloth => sprintf('Soft and warm in the shut cloth for about %.0f min (%.0f to %.0f). Then it stiffens: eat, box or warm it again.', ...self::inFives($warm)),
            After::LinedBox => sprintf('Warm in the lined box for about %.0f min (%.0f to %.0f), lid a finger open so that it does not sweat.', ...self::inFives($warm)),
            After::LowOven => sprintf('Wrapped in foil or cloth at 80 to 90 °C, at most 60 min: after that it dries. What is held hot stays at 57 to 63 °C or above; %s.', self::CODE),
            After::Rack => 'Crisp on the rack for one to two hours; in a damp kitchen less. A cloth would soften it.',
            After::StackToCool => 'One on the other until they no longer steam, then eat or wrap: uncovered they dry in half an hour.',
        };
    }

    /** @return list<float> likely, low and high, as nearly as such an estimate may be said */
    private static function inFives(?Spread $minutes): array
    {
        return array_map(static fn (float $one): float => max(5.0, 5 * round($one / 5)), [$minutes->likely ?? 0.0, $minutes->low ?? 0.0, $minutes->high ?? 0.0]);
    }

    public function cool(): string
    {
        $fresh = $this->freshLines();

        return $fresh === []
            ? sprintf('Let it cool, about 30 min, then wrap it tight: wrapped warm it sweats. What is not eaten goes into the fridge within two hours; %s.', self::CODE)
            : sprintf('With %s in it: cool at once, wrap, and into the fridge well within two hours; %s.', implode(' and ', $fresh), self::CODE);
    }

    public function store(): string
    {
        return match (true) {
            $this->freshLines() !== [] => 'One to two days in the fridge at 5 °C or less; a month frozen, paper between the pieces.',
            $this->fatShare() > 0.12 => 'Three days in the fridge, where its fat stiffens; two to three months frozen, paper between the pieces.',
            default => 'Three days in the fridge, where its starch stiffens; two months frozen, which keeps it softer, paper between the pieces.',
        };
    }

    /** @return array{string, string} how, and what to heed */
    public function warmAgain(): array
    {
        $seconds = 10 + 5 * $this->thicknessMillimetres;
        $isDry = $this->after === After::Rack;

        return match (true) {
            $this->thicknessMillimetres > self::PAN_MILLIMETRES => [
                sprintf('In foil in the oven at 180 °C for %.0f to %.0f min, from frozen twice as long, until steam comes when it is parted.', 5 + 0.5 * $this->thicknessMillimetres, 8 + 0.7 * $this->thicknessMillimetres),
                'Steam burns: open it away from you.',
            ],
            $isDry => [sprintf('On a dry pan or in the oven at 180 °C, %.0f to %.0f s a side, until it snaps again.', $seconds, 1.6 * $seconds), 'Hot metal: dry mitts.'],
            $this->thicknessMillimetres <= self::FLAME_MILLIMETRES => [
                sprintf('On a dry hot pan %.0f to %.0f s a side, or over a flame 5 to 8 s a side; once stiff, damp both faces first. Starch is soft again from about 70 °C.', $seconds, 1.6 * $seconds),
                'Tongs at the flame, nothing hanging loose.',
            ],
            default => [
                sprintf('Damp both faces, then on a covered pan %.0f to %.0f s a side. Starch is soft again from about 70 °C.', $seconds, 1.6 * $seconds),
                'Steam burns: lift the lid away from you.',
            ],
        };
    }

    /** @return list<string> what of it spoils, in words */
    private function freshLines(): array
    {
        $words = [];
        foreach ($this->lines as $line) {
            $word = match ($line->ingredient->role) {
                Role::Egg => 'egg',
                Role::Dairy => 'dairy',
                Role::Vegetable => 'vegetables',
                Role::Potato => 'potato',
                Role::Filling => 'a filling',
                default => null,
            };
            if ($word !== null && $line->grams > 0 && ! in_array($word, $words, true)) {
                $words[] = $word;
            }
        }

        return $words;
    }

    private function fatShare(): float
    {
        $mixed = WeighedLine::mixed($this->lines);

        return $mixed->fatGrams / 100;
    }
}
