<?php

declare(strict_types=1);

namespace StoneMill\Trial;

use StoneMill\Pantry\Role;
use StoneMill\Plan\BatchPlan;
use StoneMill\Record\PlannedBatch;
use StoneMill\Swap\Lines;

/** One level of a factor, as a request is planned by it, and as a plan is read for it. */
final readonly class Setting
{
    private function __construct(public Factor $factor, private float|string $level)
    {
    }

    public static function of(Factor $factor, float|string $level): self
    {
        return new self($factor, $level);
    }

    /** What the level is called: its number with its unit, or its school in words. */
    public function inWords(): string
    {
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
     * JSON merge patch of a plan request that sets just this.
     *
     * @param BatchPlan $plan of the bread as it stands, whose lines it changes where it is a line
     * @return array<string, mixed>
     */
    public function patch(BatchPlan $plan): array
    {
        return match ($this->factor) {
            Factor::Hydration => ['water' => ['hydration_percent' => $this->level]],
            Factor::WaterCelsius => ['water' => ['celsius' => $this->level, 'dough_celsius' => null]],
            Factor::Thickness => ['pieces' => ['thickness_mm' => $this->level, 'diameter_mm' => null]],
            Factor::Heat => ['griddle' => ['surface_celsius' => $this->level]],
            Factor::Balance => ['griddle' => ['balance' => $this->level, 'own' => null]],
            Factor::Binder => self::line($plan, Role::Binder, Lines::USUAL_BINDER, (float) $this->level),
            Factor::Fat => self::line($plan, Role::Fat, Lines::USUAL_FAT, (float) $this->level),
            Factor::Scald, Factor::Knead, Factor::Rest, Factor::Shape, Factor::Grease, Factor::Turns, Factor::After => ['formula' => ['method' => [$this->factor->value => $this->level]]],
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

    /** @return array<string, mixed> */
    private static function line(BatchPlan $plan, Role $role, string $usual, float $percent): array
    {
        return ['formula' => ['lines' => Lines::ofPlan($plan)->withPercent($plan->dough->ledger->most($role)->line->ingredient->id ?? $usual, $percent)->toRequest()]];
    }
}
