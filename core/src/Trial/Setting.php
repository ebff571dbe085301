<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\Record\PlannedBatch;
use StoneMill\Swap\Lines;

/** One level of a factor, as a request is planned by it, and as a plan is read for it. */
final readonly class Setting
{
    private function __construct(public Factor $factor, private float|string $level, private ?string $name)
    {
    }

    /** @param string|null $name what a thing of the pantry is called */
    public static function of(Factor $factor, float|string $level, ?string $name = null): self
    {
        return new self($factor, $level, $name);
    }

    /** What the level is called: its number with its unit, its school in words, or the thing by its name. */
    public function inWords(): string
    {
        if ($this->name !== null) {
            return $this->name;
        }

        return is_string($this->level) ? str_replace('_', ' ', $this->level) : match ($this->factor) {
            Factor::Hydration, Factor::Binder, Factor::Fat => sprintf('%g %%', $this->level),
            Factor::WaterCelsius, Factor::Heat => sprintf('%g °C', $this->level),
            Factor::Thickness => sprintf('%g mm', $this->level),
            default => sprintf('%g times', $this->level),
        };
    }

    public function value(): ?float
    {
        return is_float($this->level) ? $this->level : null;
    }

    /**
     * JSON merge patch of a plan request that sets just this, whatever the bread; null where it is a line of its formula.
     *
     * @return array<string, mixed>|null
     */
    public function patch(): ?array
    {
        return match ($this->factor) {
            Factor::Hydration => ['water' => ['hydration_percent' => $this->level]],
            Factor::WaterCelsius => ['water' => ['celsius' => $this->level, 'dough_celsius' => null]],
            Factor::Thickness => ['pieces' => ['thickness_mm' => $this->level, 'diameter_mm' => null]],
            Factor::Heat => ['griddle' => ['surface_celsius' => $this->level]],
            Factor::Balance => ['griddle' => ['balance' => $this->level, 'own' => null]],
            Factor::Scald, Factor::Knead, Factor::Rest, Factor::Shape, Factor::Grease, Factor::Turns, Factor::After => ['formula' => ['method' => [$this->factor->value => $this->level]]],
            Factor::Binder, Factor::Fat, Factor::Flour, Factor::Bag => null,
        };
    }

    /**
     * The same where it is a line of the formula.
     *
     * @param BatchPlan $plan of the bread as it stands
     * @param array<string, LevelBag> $bags those with something in them, by their identifiers
     * @return array<string, mixed>
     *
     * @throws InvalidInput If the bag is empty, gone, or of something else.
     */
    public function patchOfLine(BatchPlan $plan, array $bags): array
    {
        return match ($this->factor) {
            Factor::Binder => self::share($plan, Role::Binder, Lines::USUAL_BINDER, (float) $this->level),
            Factor::Fat => self::share($plan, Role::Fat, Lines::USUAL_FAT, (float) $this->level),
            Factor::Flour => $this->flour($plan),
            Factor::Bag => $this->bag($plan, $bags),
            default => $this->patch() ?? [],
        };
    }

    /** Where a batch that was made otherwise lies on the scale; null where that cannot be told. */
    public static function found(Factor $factor, PlannedBatch $plan): ?float
    {
        return match ($factor) {
            Factor::Hydration => $plan->hydrationPercent,
            Factor::WaterCelsius => $plan->waterCelsius,
            Factor::Thickness => $plan->thicknessMillimetres,
            Factor::Heat => $plan->heldCelsius,
            default => null,
        };
    }

    /** @return array<string, mixed> as much of the one as there was of the other, by weight */
    private function flour(BatchPlan $plan): array
    {
        $most = $plan->dough->ledger->most(Role::Flour)?->line->ingredient->id;
        if ($most === null) {
            throw InvalidInput::at('levels', 'This bread has no flour that another could stand in for.', $this->inWords(), 'a bread with a flour');
        }

        return $most === $this->level ? [] : ['formula' => ['lines' => Lines::ofPlan($plan)->replacing($most, (string) $this->level, 1.0)->toRequest()]];
    }

    /**
     * @param array<string, LevelBag> $bags
     * @return array<string, mixed>
     */
    private function bag(BatchPlan $plan, array $bags): array
    {
        $bag = $bags[(string) $this->level] ?? throw InvalidInput::at('levels', 'This bag is not on the shelf any more.', $this->inWords(), 'a bag with something in it');
        $lines = Lines::ofPlan($plan);
        if ($lines->percentOf($bag->ingredient) <= 0) {
            throw InvalidInput::at('levels', 'Nothing of this bag is in the bread.', $this->inWords(), 'a bag of something that is');
        }

        return ['formula' => ['lines' => $lines->fromBag($bag->ingredient, (string) $this->level)->toRequest()], 'lots' => [(string) $this->level => $bag->facts->toRequest()]];
    }

    /** @return array<string, mixed> */
    private static function share(BatchPlan $plan, Role $role, string $usual, float $percent): array
    {
        return ['formula' => ['lines' => Lines::ofPlan($plan)->withPercent($plan->dough->ledger->most($role)->line->ingredient->id ?? $usual, $percent)->toRequest()]];
    }
}
