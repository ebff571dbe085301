<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\School\Symptom;

/**
 * Ranks causes: naive Bayes, ln odds = ln usual + Σ ln P(symptom | cause) + Σ signals, with the signals shrunk, since they are not as independent
 * as the rule takes them to be. docs/model.md, "Causes".
 */
final readonly class Finder
{
    /** Signals of one cause say partly the same. Planning estimate. */
    private const SHRUNK = 0.8;

    /** Something else, that no list holds, is as likely as a cause that is met seldom. */
    private const OTHER_ODDS = 0.35;

    public function __construct(private Causes $causes)
    {
    }

    /**
     * @param non-empty-list<Symptom> $symptoms
     * @return list<Suspect> the likeliest first; their chances and that of something else make one
     */
    public function suspects(Circumstances $batch, array $symptoms): array
    {
        $signals = new Signals($batch);
        $suspects = array_map(fn (Cause $cause): Suspect => $this->suspect($cause, $batch, $signals, $symptoms), $this->causes->of($symptoms, $batch->plan));
        usort($suspects, static fn (Suspect $a, Suspect $b): int => [$b->logOdds, $a->cause->id] <=> [$a->logOdds, $b->cause->id]);
        $other = self::OTHER_ODDS * Makes::Possible->chance() ** count($symptoms);
        $all = $other + array_sum(array_map(static fn (Suspect $one): float => exp($one->logOdds), $suspects));

        return array_map(static fn (Suspect $one): Suspect => $one->with(exp($one->logOdds) / $all), $suspects);
    }

    /** @param non-empty-list<Symptom> $symptoms */
    private function suspect(Cause $cause, Circumstances $batch, Signals $signals, array $symptoms): Suspect
    {
        $logOdds = log($cause->usual->odds());
        foreach ($symptoms as $symptom) {
            $logOdds += log($cause->chanceOf($symptom));
        }
        $evidence = [...$signals->speaking($cause->speaksFor, 1), ...$signals->speaking($cause->speaksAgainst, -1)];
        foreach ($evidence as $one) {
            $logOdds += self::SHRUNK * $one->logOdds();
        }
        $tried = array_values(array_filter($batch->tried, static fn (Tried $one): bool => $one->cause === $cause->id && in_array($one->symptom, $symptoms, true)));
        foreach ($tried as $one) {
            $logOdds += $one->logOdds();
        }
        $told = array_values(array_filter($evidence, static fn (Evidence $one): bool => $one->isTold()));
        usort($told, static fn (Evidence $a, Evidence $b): int => abs($b->logOdds()) <=> abs($a->logOdds()));

        return new Suspect($cause, $logOdds, $told, $tried);
    }
}
