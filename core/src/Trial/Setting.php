<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\Plan\RequestChange;
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

    /** Sets just this in a plan request, whatever the bread; null where it is a line of its formula. */
    public function change(): ?RequestChange
    {
        return match ($this->factor) {
            Factor::Hydration => RequestChange::hydration((float) $this->level),
            Factor::WaterCelsius => RequestChange::waterOf((float) $this->level),
            Factor::Thickness => RequestChange::thicknessAlone((float) $this->level),
            Factor::Heat => RequestChange::heat((float) $this->level),
            Factor::Balance => RequestChange::balance((float) $this->level),
            Factor::Binder, Factor::Fat, Factor::Flour, Factor::Bag => null,
            default => $this->ofSchool((string) $this->level),
        };
    }

    /**
     * The same where it is a line of the formula.
     *
     * @param BatchPlan $plan of the bread as it stands
     * @param array<string, LevelBag> $bags those with something in them, by their identifiers
     *
     * @throws InvalidInput If the bag is empty, gone, or of something else.
     */
    public function changeOfLine(BatchPlan $plan, array $bags): RequestChange
    {
        return match ($this->factor) {
            Factor::Binder => self::share($plan, Role::Binder, Lines::USUAL_BINDER, (float) $this->level),
            Factor::Fat => self::share($plan, Role::Fat, Lines::USUAL_FAT, (float) $this->level),
            Factor::Flour => $this->flour($plan),
            Factor::Bag => $this->bag($plan, $bags),
            default => $this->change() ?? RequestChange::nothing(),
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

    private function ofSchool(string $name): RequestChange
    {
        return RequestChange::school($this->factor->school($name) ?? throw InvalidInput::at('levels', 'There is no such school.', $name, 'one of '.implode(', ', $this->factor->schools())));
    }

    /** As much of the one as there was of the other, by weight. */
    private function flour(BatchPlan $plan): RequestChange
    {
        $most = $plan->dough->ledger->most(Role::Flour)?->line->ingredient->id;
        if ($most === null) {
            throw InvalidInput::at('levels', 'This bread has no flour that another could stand in for.', $this->inWords(), 'a bread with a flour');
        }

        return $most === $this->level ? RequestChange::nothing() : RequestChange::lines(Lines::ofPlan($plan)->replacing($most, (string) $this->level, 1.0)->toRequest());
    }

    /** @param array<string, LevelBag> $bags */
    private function bag(BatchPlan $plan, array $bags): RequestChange
    {
        $bag = $bags[(string) $this->level] ?? throw InvalidInput::at('levels', 'This bag is not on the shelf any more.', $this->inWords(), 'a bag with something in it');
        $lines = Lines::ofPlan($plan);
        if ($lines->percentOf($bag->ingredient) <= 0) {
            throw InvalidInput::at('levels', 'Nothing of this bag is in the bread.', $this->inWords(), 'a bag of something that is');
        }

        return RequestChange::lines($lines->fromBag($bag->ingredient, (string) $this->level)->toRequest())->and(RequestChange::bag((string) $this->level, $bag->facts));
    }

    private static function share(BatchPlan $plan, Role $role, string $usual, float $percent): RequestChange
    {
        return RequestChange::lines(Lines::ofPlan($plan)->withPercent($plan->dough->ledger->most($role)->line->ingredient->id ?? $usual, $percent)->toRequest());
    }
}
