<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Plan\BatchPlan;
use StoneMill\Record\Pliability;
use StoneMill\Record\Puff;
use StoneMill\Record\Verdict;
use StoneMill\School\Stage;
use StoneMill\School\Symptom;

/** Which symptoms can be had where, and which a verdict tells by itself. */
final readonly class Seen
{
    /** A face so much off the planned shade is told as dark or pale. A cook's eye tells about half of it. Planning estimate. */
    private const SHADE = 0.15;

    public function __construct(private Causes $causes)
    {
    }

    /** @return list<Symptom> in the order of the work; all of the bread where no stage is named */
    public function at(?Stage $stage, BatchPlan $plan): array
    {
        return array_values(array_filter(Symptom::cases(), fn (Symptom $symptom): bool => ($stage === null || in_array($stage, $symptom->stages(), true)) && $symptom->fits($plan->request->texture) && $this->causes->knows($symptom, $plan)));
    }

    /** @return list<Symptom> that the verdict tells */
    public static function in(Verdict $verdict, BatchPlan $plan): array
    {
        $dark = $pale = false;
        foreach ([$verdict->shadeFirst, $verdict->shadeSecond] as $face => $shade) {
            $off = $shade === null ? 0.0 : $shade - ($plan->turns->faces[$face]->shade ?? $shade);
            $dark = $dark || $off > self::SHADE;
            $pale = $pale || $off < -self::SHADE;
        }

        return [...array_values(array_filter(
            self::toldBy($verdict),
            // Where no steam would have filled it anyway, nothing is wrong.
            static fn (Symptom $symptom): bool => $symptom !== Symptom::NoPuff || $plan->turns->puffs,
        )), ...($dark ? [Symptom::Dark] : []), ...($pale ? [Symptom::Pale] : [])];
    }

    /** @return list<Symptom> that it tells whatever was planned */
    public static function toldBy(Verdict $verdict): array
    {
        return array_values(array_filter([
            $verdict->cracks?->isFault() === true ? Symptom::Cracks : null,
            $verdict->sticking?->isFault() === true ? Symptom::SticksToGriddle : null,
            in_array($verdict->pliability, [Pliability::Shatters, Pliability::CracksWhenFolded], true) ? Symptom::Stiff : null,
            $verdict->pliability === Pliability::Limp ? Symptom::Soggy : null,
            $verdict->puff === Puff::None ? Symptom::NoPuff : null,
        ]));
    }
}
