<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use Random\Engine\Mt19937;
use Random\Randomizer;
use StoneMill\Dough\FeelGrade;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\Plan\RequestChange;
use StoneMill\School\Scald;
use StoneMill\School\Symptom;

/** A batch in which one thing was done wrongly, drawn from a seed: the cook looks, asks and decides what it was. */
final readonly class Riddle
{
    public const MOST_SEED = 1_000_000;

    private const CHOICES = 4;

    /** @var array<string, array{styles: non-empty-list<string>, symptoms: non-empty-list<Symptom>}> what was done wrongly, on which breads, and what it shows as */
    private const KINDS = [
        'too-dry' => ['styles' => ['pressed-masa', 'oat-round', 'cassava-wrap'], 'symptoms' => [Symptom::Cracks]],
        'too-wet' => ['styles' => ['pressed-masa', 'amaranth-round', 'millet-round'], 'symptoms' => [Symptom::SticksToHands]],
        'not-rested' => ['styles' => ['pressed-masa', 'almond-wrap', 'coconut-psyllium-wrap'], 'symptoms' => [Symptom::SpringsBack]],
        'scald-short' => ['styles' => ['millet-round', 'oat-round', 'cassava-wrap'], 'symptoms' => [Symptom::Crumbles, Symptom::Tears]],
        'edges-dried' => ['styles' => ['pressed-masa', 'nixtamal-masa'], 'symptoms' => [Symptom::Cracks, Symptom::Curls]],
        'too-thin' => ['styles' => ['pressed-masa', 'oat-round', 'cassava-wrap'], 'symptoms' => [Symptom::Tears, Symptom::BurntSpots]],
        'too-thick' => ['styles' => ['pressed-masa', 'nixtamal-masa'], 'symptoms' => [Symptom::NoPuff]],
        'yeast-dead' => ['styles' => ['raised-round'], 'symptoms' => [Symptom::NoRise]],
        'metal-cool' => ['styles' => ['pressed-masa', 'millet-round', 'rice-round'], 'symptoms' => [Symptom::Pale, Symptom::SticksToGriddle]],
        'metal-hot' => ['styles' => ['pressed-masa', 'maize-round', 'raised-round'], 'symptoms' => [Symptom::Dark]],
        'turned-early' => ['styles' => ['pressed-masa', 'buckwheat-batter-round'], 'symptoms' => [Symptom::SticksToGriddle, Symptom::Tears]],
        'baked-short' => ['styles' => ['patted-masa', 'maize-round'], 'symptoms' => [Symptom::Gummy]],
        'baked-long' => ['styles' => ['pressed-masa', 'oat-round', 'millet-round'], 'symptoms' => [Symptom::Stiff]],
    ];

    /** @param non-empty-list<Symptom> $symptoms */
    private function __construct(public Cause $cause, public Circumstances $batch, public array $symptoms, private int $seed)
    {
    }

    public static function of(int $seed, Causes $causes, Reference $reference, Planner $planner): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $kinds = array_keys(self::KINDS);
        $kind = $kinds[$chance->getInt(0, count($kinds) - 1)];
        ['styles' => $styles, 'symptoms' => $symptoms] = self::KINDS[$kind];
        $style = $styles[$chance->getInt(0, count($styles) - 1)];
        // From clear to very clear: nobody learns from what could not be seen.
        $more = $chance->getInt(0, 100) / 100;
        $plan = $planner->plan(GivenRequest::ofStyle($style)->with(self::planned($kind, $more))->read($reference));

        return new self($causes->named($kind) ?? throw new \LogicException('There is no such cause.'), self::staged($kind, StagedBatch::of($plan), $more), $symptoms, $seed);
    }

    /** What was already planned wrongly. */
    private static function planned(string $kind, float $more): RequestChange
    {
        return match ($kind) {
            'scald-short' => RequestChange::school(Scald::None)->and(RequestChange::waterOf(round(62 - 15 * $more))),
            'yeast-dead' => RequestChange::waterOf(round(72 + 16 * $more)),
            default => RequestChange::nothing(),
        };
    }

    private static function staged(string $kind, StagedBatch $batch, float $more): Circumstances
    {
        $ready = FeelGrade::Ready;

        return (match ($kind) {
            'too-dry' => $batch->mixed(0.9 - 0.1 * $more, $more > 0.5 ? FeelGrade::Crumbly : FeelGrade::Cracking),
            'too-wet' => $batch->mixed(1.08 + 0.1 * $more, $more > 0.5 ? FeelGrade::Slack : FeelGrade::Sticky),
            'not-rested' => $batch->mixed(1.0, $ready)->rested(0.3 * (1 - $more))->metalRead(2)->baked(),
            'edges-dried' => $batch->mixed(1.0, $ready)->rested()->metalRead(-2)->discs(1.0)->baked(1.0, 1.0, 5, 80 + 120 * $more),
            'too-thin' => $batch->mixed(1.0, $ready)->rested()->discs(0.8 - 0.12 * $more)->metalRead(1)->baked(),
            'too-thick' => $batch->mixed(1.0, $ready)->rested()->discs(1.25 + 0.2 * $more)->metalRead(1)->baked(),
            'metal-cool' => $batch->mixed(1.0, $ready)->rested()->metalRead(-28 - 20 * $more)->discs(1.0)->baked(),
            'metal-hot' => $batch->mixed(1.0, $ready)->rested()->metalRead(28 + 20 * $more)->discs(1.0)->baked(),
            'turned-early' => $batch->mixed(1.0, $ready)->rested()->metalRead(0)->discs(1.0)->baked(0.65 - 0.2 * $more, 1.1),
            'baked-short' => $batch->mixed(1.0, $ready)->rested()->metalRead(0)->discs(1.0)->baked(0.95, 0.65 - 0.15 * $more)->stacked(-3 - 2 * $more),
            'baked-long' => $batch->mixed(1.0, $ready)->rested()->metalRead(0)->discs(1.0)->baked(1.05, 1.4 + 0.3 * $more)->stacked(5 + 3 * $more),
            default => $batch->mixed(1.0, $ready),
        })->circumstances();
    }

    /** @return list<Cause> the true one among others that show alike, in an order that tells nothing */
    public function choices(Finder $finder): array
    {
        $choices = [$this->cause];
        foreach ($finder->suspects($this->batch, $this->symptoms) as $one) {
            if (count($choices) < self::CHOICES && $one->cause->id !== $this->cause->id) {
                $choices[] = $one->cause;
            }
        }

        /** @var list<Cause> */
        return (new Randomizer(new Mt19937($this->seed + 1)))->shuffleArray($choices);
    }

    /** @return list<string> what looking there tells; empty where nothing was written down */
    public function answer(Inquiry $inquiry): array
    {
        $signals = new Signals($this->batch);
        $known = array_filter(array_map($signals->of(...), $inquiry->signals()));

        return array_values(array_unique(array_map(static fn (Evidence $one): string => $one->text, $known)));
    }

    /** @return list<Evidence> by which it could have been seen, the weightiest first */
    public function given(): array
    {
        $evidence = array_values(array_filter((new Signals($this->batch))->speaking($this->cause->speaksFor, 1), static fn (Evidence $one): bool => $one->isTold() && $one->strength > 0));
        usort($evidence, static fn (Evidence $a, Evidence $b): int => $b->logOdds() <=> $a->logOdds());

        return $evidence;
    }
}
