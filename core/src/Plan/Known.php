<?php

declare(strict_types=1);

namespace StoneMill\Plan;

use StoneMill\Dough\WeighedLine;
use StoneMill\Measure\Learned;
use StoneMill\Measure\Reason;
use StoneMill\Measure\Unit;
use StoneMill\Pantry\LotFacts;

/** What the record says of the water that this dough's own bags take: of how much of its flour, how many points, how surely. */
final readonly class Known
{
    /** Less of the starch than this is not told as a scald. */
    public const LEAST_SWOLLEN = 0.05;

    /** @param list<KnownBag> $bags */
    private function __construct(public array $bags, private ?Learned $feel, private ?Learned $heat, private float $swollen)
    {
    }

    /**
     * @param list<WeighedLine> $lines
     * @param array<string, LotFacts> $lots by lot
     * @param float $swollen share of the starch that heat swells in this dough
     */
    public static function of(array $lines, array $lots, Experience $experience, float $swollen): self
    {
        $flour = array_sum(array_map(static fn (WeighedLine $line): float => $line->ingredient->role->isFlourBase() ? $line->grams : 0.0, $lines));
        $bags = [];
        foreach ($lines as $line) {
            $facts = $line->lot === null ? null : $lots[$line->lot] ?? null;
            if ($facts?->water !== null && $flour > 0 && $line->ingredient->role->isFlourBase()) {
                $bags[] = new KnownBag($line, $facts->water, $line->grams / $flour);
            }
        }

        return new self($bags, $experience->of(LearnedKind::Feel), $experience->of(LearnedKind::Heat), $swollen);
    }

    public function isNothing(): bool
    {
        return $this->bags === [] && $this->feel === null && $this->heat === null;
    }

    /** Whether so much of the starch is swollen that what was learned of scalds says something of this dough. */
    public function isScalded(): bool
    {
        return $this->swollen >= self::LEAST_SWOLLEN;
    }

    /** Share of the flour base that is known. */
    public function share(): float
    {
        return array_sum(array_column($this->bags, 'share'));
    }

    /** Points of the flour base that the dough takes beside what catalogue and practice say. */
    public function points(): float
    {
        return array_sum($this->pointsOfBags()) + $this->pointsOf(LearnedKind::Feel) + $this->pointsOf(LearnedKind::Heat);
    }

    /** Standard deviation of them: bags of one kitchen err together, so theirs are added. */
    public function deviation(): float
    {
        $bags = array_sum(array_map(static fn (KnownBag $bag): float => $bag->share * $bag->water->deviation, $this->bags));

        return hypot($bags, hypot($this->feel->deviation ?? 0.0, $this->swollen * ($this->heat->deviation ?? 0.0)));
    }

    /** @return list<Reason> */
    public function reasons(): array
    {
        $reasons = array_map(static fn (KnownBag $bag): Reason => Reason::amount(
            sprintf('%s: %s', $bag->line->ingredient->name, lcfirst($bag->inWords())),
            $bag->water->points,
            Unit::Point,
        ), $this->bags);

        if ($this->feel !== null) {
            $reasons[] = Reason::amount(LearnedKind::Feel->inWords($this->feel), $this->feel->value, Unit::Point);
        }
        if ($this->heat !== null && $this->isScalded()) {
            $reasons[] = Reason::amount(LearnedKind::Heat->inWords($this->heat), $this->pointsOf(LearnedKind::Heat), Unit::Point);
        }

        return $reasons;
    }

    /** @return array<string, float> points of the flour base that each known bag adds, by lot */
    public function pointsOfBags(): array
    {
        $points = [];
        foreach ($this->bags as $bag) {
            $lot = $bag->line->lot ?? '';
            $points[$lot] = ($points[$lot] ?? 0.0) + $bag->share * $bag->water->points;
        }

        return $points;
    }

    /** Points of the flour base that what was learned of hands or of scalds adds. */
    public function pointsOf(LearnedKind $kind): float
    {
        return match ($kind) {
            LearnedKind::Feel => $this->feel->value ?? 0.0,
            LearnedKind::Heat => $this->swollen * ($this->heat->value ?? 0.0),
            default => 0.0,
        };
    }
}
