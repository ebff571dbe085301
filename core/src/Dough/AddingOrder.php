<?php

declare(strict_types=1);

namespace StoneMill\Dough;

use StoneMill\Pantry\Ingredient;
use StoneMill\Pantry\Role;
use StoneMill\School\GoesIn;
use StoneMill\School\PourOrder;
use StoneMill\School\Stage;
use StoneMill\School\Texture;
use StoneMill\School\Worked;
use StoneMill\School\WorkStep;

/**
 * In which order the lines of a formula come together, step by step with the check that belongs to it. The times are usual ones of
 * practice (planning estimates): the check decides.
 */
final readonly class AddingOrder
{
    private const BROWN_SECONDS = 300;

    private const WHISK_SECONDS = 60;

    private const BLOOM_SECONDS = 600;

    /** Butter until the step that makes it what it is called. */
    private const BROWNED = 'browned-butter';

    private const YEASTS = ['yeast-active', 'yeast-instant'];

    /** @param bool $isScalded whether the dough is too hot for hands when it comes together */
    public function __construct(private Formula $formula, private PourOrder $order, private Texture $texture, private bool $isScalded, private Worked $worked = Worked::Hand)
    {
    }

    /** How such an ingredient usually comes in, where nobody said. */
    public static function usual(Ingredient $ingredient): GoesIn
    {
        return match (true) {
            $ingredient->id === 'yeast-active' => GoesIn::InTheWater,
            $ingredient->id === self::BROWNED => GoesIn::Browned,
            in_array($ingredient->id, ['butter', 'ghee', 'coconut-oil'], true) => GoesIn::Melted,
            $ingredient->id === 'lard' => GoesIn::RubbedIn,
            $ingredient->role === Role::Egg => GoesIn::Whisked,
            in_array($ingredient->role, [Role::Dairy, Role::Acid, Role::Fat], true), $ingredient->id === 'honey' => GoesIn::InTheWater,
            $ingredient->role === Role::Potato => GoesIn::RubbedIn,
            in_array($ingredient->role, [Role::Vegetable, Role::Filling], true) => GoesIn::AtTheEnd,
            default => GoesIn::Dry,
        };
    }

    /** @return list<WorkStep> in the order of the work */
    public function steps(): array
    {
        return array_values(array_filter([
            $this->step('brown', Stage::Measure, 'Brown the %s', 'The foam sinks, specks are nut-brown and it smells of nuts: off the heat at once.', [GoesIn::Browned], self::BROWN_SECONDS),
            $this->step('melt', Stage::Measure, 'Melt the %s', 'Just liquid, no hotter than a finger bears.', [GoesIn::Melted]),
            $this->step('warm', Stage::Measure, 'Warm the %s', 'Warm to the hand, not hot.', [GoesIn::Warm]),
            $this->dry(),
            $this->step('rub', Stage::Measure, 'Rub in the %s', 'Like crumbs, no lump larger than a lentil.', [GoesIn::RubbedIn]),
            $this->step('whisk', Stage::Measure, 'Whisk the %s', 'One colour, no streaks.', [GoesIn::Whisked], self::WHISK_SECONDS),
            $this->bloom(),
            $this->dissolve(),
            $this->order === PourOrder::FlourIntoWater ? new WorkStep('rain', Stage::Mix, 'Rain the flour into the water', 'Stirred all the while, no islands of flour.', []) : null,
            $this->step('wet', Stage::Mix, 'Stir in the %s', 'No streaks left.', [GoesIn::Browned, GoesIn::Melted, GoesIn::Warm, GoesIn::Whisked]),
            $this->step('stages', Stage::Mix, 'Add the %s in three goes', 'Smooth before the next goes in.', [GoesIn::InStages]),
            $this->together(),
            $this->step('knead-in', Stage::Mix, $this->worked === Worked::Machine ? 'Let the machine knead in the %s' : 'Knead in the %s by hand', 'No greasy streaks.', [GoesIn::KneadedIn]),
            $this->step('end', Stage::Mix, 'Fold in the %s', 'Spread evenly, nothing crushed.', [GoesIn::AtTheEnd]),
        ]));
    }

    private function dry(): ?WorkStep
    {
        $dry = $this->lines([GoesIn::Dry]);
        $clumps = array_filter($dry, static fn (Ingredient $one): bool => $one->role === Role::Binder) !== [];

        return count($dry) < 2 ? null : new WorkStep(
            'dry',
            Stage::Measure,
            'Whisk the dry together',
            $clumps ? 'The binder all through it: where it lies alone it clumps in the water.' : 'One colour, no lumps.',
            self::ids($dry),
        );
    }

    private function bloom(): ?WorkStep
    {
        $yeast = array_values(array_filter($this->lines([GoesIn::InTheWater]), static fn (Ingredient $one): bool => in_array($one->id, self::YEASTS, true)));

        return $yeast === [] ? null : new WorkStep('bloom', Stage::Water, 'Wake the yeast in the warm water', 'It foams: it is alive. No foam in a quarter of an hour: begin again with new yeast.', self::ids($yeast), self::BLOOM_SECONDS);
    }

    private function dissolve(): ?WorkStep
    {
        $lines = array_values(array_filter($this->lines([GoesIn::InTheWater]), static fn (Ingredient $one): bool => ! in_array($one->id, self::YEASTS, true)));
        $dissolves = array_filter($lines, static fn (Ingredient $one): bool => in_array($one->role, [Role::Salt, Role::Sugar], true)) !== [];

        return $lines === [] ? null : new WorkStep('dissolve', Stage::Water, sprintf('Stir the %s into the water', self::names($lines)), $dissolves ? 'Dissolved: nothing left on the bottom.' : 'Evenly mixed.', self::ids($lines));
    }

    private function together(): WorkStep
    {
        if ($this->worked === Worked::Machine) {
            return new WorkStep('together', Stage::Mix, 'Paddle on low until nothing dry is left', $this->texture === Texture::Batter ? 'No lumps: stop it, and let it run off the paddle.' : 'Stop it and scrape the bottom: no dry pocket under the paddle.', []);
        }

        return new WorkStep('together', Stage::Mix, $this->isScalded ? 'Mix with a spoon until nothing dry is left' : 'Mix until nothing dry is left', match (true) {
            $this->texture === Texture::Batter => 'No lumps: let it run off the spoon.',
            $this->isScalded => 'No dry pockets under it. Hands only once it is hand-warm: it burns.',
            default => 'No dry pockets: turn it over from the bottom and press through it.',
        }, []);
    }

    /** @param list<GoesIn> $ways */
    private function step(string $id, Stage $stage, string $name, string $check, array $ways, int $seconds = 0): ?WorkStep
    {
        $lines = $this->lines($ways);

        return $lines === [] ? null : new WorkStep($id, $stage, sprintf($name, self::names($lines)), $check, self::ids($lines), $seconds);
    }

    /**
     * @param list<GoesIn> $ways
     * @return list<Ingredient> of the lines that come in one of these ways
     */
    private function lines(array $ways): array
    {
        $lines = array_filter($this->formula->lines, static fn (FormulaLine $line): bool => in_array($line->way(), $ways, true));

        return array_values(array_map(static fn (FormulaLine $line): Ingredient => $line->ingredient, $lines));
    }

    /**
     * @param list<Ingredient> $ingredients
     * @return list<string>
     */
    private static function ids(array $ingredients): array
    {
        return array_map(static fn (Ingredient $one): string => $one->id, $ingredients);
    }

    /** @param list<Ingredient> $ingredients */
    private static function names(array $ingredients): string
    {
        $names = array_map(static fn (Ingredient $one): string => $one->id === self::BROWNED ? 'butter' : $one->inShort(), $ingredients);
        $last = (string) array_pop($names);

        return $names === [] ? $last : implode(', ', $names).' and '.$last;
    }
}
