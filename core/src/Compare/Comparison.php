<?php

declare(strict_types=1);

namespace StoneMill\Compare;

use StoneMill\Measure\Unit;
use StoneMill\Plan\BatchPlan;

/** What differs between two versions of a formula: what was changed, and what that makes of the bread. */
final readonly class Comparison
{
    /** Numbers closer than this share are the same to a cook. */
    private const SAME_SHARE = 0.002;

    public function __construct(private BatchPlan $before, private BatchPlan $after)
    {
    }

    /** @return list<Difference> */
    public function differences(): array
    {
        return [...$this->lines(), ...$this->schools(), ...$this->outcome(), ...$this->label()];
    }

    /** @return list<Difference> */
    private function lines(): array
    {
        $before = self::percents($this->before);
        $after = self::percents($this->after);
        $changes = [];
        foreach ($before + $after as $name => $_) {
            $from = $before[$name] ?? null;
            $to = $after[$name] ?? null;
            if ($from !== null && $to !== null && self::same($from, $to)) {
                continue;
            }
            $text = match (true) {
                $from === null => sprintf('%s comes in.', $name),
                $to === null => sprintf('%s goes out.', $name),
                $to > $from => sprintf('More %s.', lcfirst($name)),
                default => sprintf('Less %s.', lcfirst($name)),
            };
            $changes[] = new Difference($name, DifferenceKind::Line, $text, $from, $to, Unit::Percent);
        }

        return $changes;
    }

    /** @return list<Difference> */
    private function schools(): array
    {
        $changes = [];
        $after = $this->after->request->method->choices();
        foreach ($this->before->request->method->choices() as $step => $school) {
            if ($after[$step] !== $school) {
                $changes[] = new Difference($step, DifferenceKind::School, sprintf('%s: %s instead of %s.', ucfirst($step), str_replace('_', ' ', $after[$step]), str_replace('_', ' ', $school)), null, null, null);
            }
        }

        return $changes;
    }

    /** @return list<Difference> */
    private function outcome(): array
    {
        $figures = [
            ['Added water', Unit::Gram, 'more water', 'less water', static fn (BatchPlan $plan): float => $plan->dough->pour->grams],
            ['Hydration', Unit::Percent, 'wetter', 'drier', static fn (BatchPlan $plan): float => $plan->dough->hydrationPercent()],
            ['Dough temperature', Unit::Celsius, 'warmer', 'cooler', static fn (BatchPlan $plan): float => $plan->dough->mixCelsius],
            ['Swollen starch', Unit::Percent, 'more swollen', 'less swollen', static fn (BatchPlan $plan): float => 100 * $plan->dough->ledger->swollenShare()],
            ['Binding', Unit::Index, 'holds better', 'holds less', static fn (BatchPlan $plan): float => $plan->dough->ledger->bindingIndex()],
            ['Pieces', Unit::Index, 'more pieces', 'fewer pieces', static fn (BatchPlan $plan): float => (float) $plan->portions->count],
            ['Piece', Unit::Gram, 'heavier', 'lighter', static fn (BatchPlan $plan): float => $plan->portions->pieceGrams()],
            ['Diameter', Unit::Millimetre, 'wider', 'narrower', static fn (BatchPlan $plan): float => $plan->disc->diameterMillimetres],
            ['Time', Unit::Second, 'takes longer', 'is done sooner', static fn (BatchPlan $plan): float => $plan->line->timeline->readySeconds],
            ['Net carbohydrate in 100 g of dough', Unit::Gram, 'more', 'less', static fn (BatchPlan $plan): float => $plan->label->carbohydratePer100GramsRaw()],
        ];
        $changes = [];
        foreach ($figures as [$name, $unit, $more, $less, $of]) {
            [$from, $to] = [$of($this->before), $of($this->after)];
            if (! self::alike($from, $to, $unit)) {
                $changes[] = new Difference($name, DifferenceKind::Outcome, sprintf('%s: %s.', $name, $to > $from ? $more : $less), $from, $to, $unit);
            }
        }

        return $changes;
    }

    /** @return list<Difference> */
    private function label(): array
    {
        [$before, $after] = [$this->before->label, $this->after->label];
        $changes = [];
        foreach ($after->allergensBeyond($before) as $gained) {
            $changes[] = new Difference('Allergens', DifferenceKind::Label, sprintf('Now with %s.', $gained->inWords()), null, null, null);
        }
        foreach ($before->allergensBeyond($after) as $lost) {
            $changes[] = new Difference('Allergens', DifferenceKind::Label, sprintf('No longer with %s.', $lost->inWords()), null, null, null);
        }
        if ($before->gluten !== $after->gluten) {
            $changes[] = new Difference('Gluten', DifferenceKind::Label, $after->gluten->inWords().'.', null, null, null);
        }

        return $changes;
    }

    /** @return array<string, float> percent of flour base by name */
    private static function percents(BatchPlan $plan): array
    {
        $percents = [];
        foreach ($plan->dough->ledger->rows as $row) {
            // What the formula says, not what the scale's step makes of it in one batch.
            $percents[$row->line->ingredient->name] = $plan->request->formula->line($row->line->ingredient->id)->percent ?? $row->percent;
        }

        return $percents;
    }

    /** Whether a cook would see the difference: in the last digit that the page shows. */
    private static function alike(float $from, float $to, Unit $unit): bool
    {
        $step = match ($unit) {
            Unit::Second => 30.0,
            Unit::Gram => max(abs($from), abs($to)) < 20 ? 0.1 : 0.5,
            default => 0.5,
        };

        return abs($from - $to) < $step;
    }

    private static function same(float $from, float $to): bool
    {
        return abs($from - $to) <= self::SAME_SHARE * max(abs($from), abs($to), 1e-9);
    }
}
