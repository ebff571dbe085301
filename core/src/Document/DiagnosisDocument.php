<?php

declare(strict_types=1);

namespace StoneMill\Document;

use StoneMill\Fault\Act;
use StoneMill\Fault\Diagnosis;
use StoneMill\Fault\Evidence;
use StoneMill\Fault\NextTime;
use StoneMill\Fault\Suspect;
use StoneMill\Fault\Tried;
use StoneMill\School\Symptom;

/** What may be the cause of what was seen, with what speaks for it and what to do. */
final readonly class DiagnosisDocument
{
    public function __construct(private Diagnosis $diagnosis)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $told = $this->diagnosis->told();

        return [
            'told' => array_map(static fn (Symptom $symptom): string => $symptom->value, $this->diagnosis->symptoms),
            'sure' => $this->diagnosis->isSure(),
            'causes' => array_map($this->suspect(...), $told),
            'other_chance' => round($this->diagnosis->otherChance(), 3),
            'tell_apart' => $this->diagnosis->isSure() || count($told) < 2 ? null : [
                'first' => ['cause' => $told[0]->cause->id, 'look' => $told[0]->cause->look],
                'second' => ['cause' => $told[1]->cause->id, 'look' => $told[1]->cause->look],
            ],
        ];
    }

    /** @return array{symptom: string, name: string, shows: string} */
    public static function symptom(Symptom $symptom): array
    {
        return ['symptom' => $symptom->value, 'name' => $symptom->inWords(), 'shows' => $symptom->shows()];
    }

    /** @return array<string, mixed> */
    private function suspect(Suspect $one): array
    {
        $next = $this->diagnosis->next($one->cause);

        return [
            'cause' => $one->cause->id,
            'name' => $one->cause->name,
            'says' => $one->cause->says,
            'chance' => round($one->chance, 3),
            'look' => $one->cause->look,
            'evidence' => array_map(self::evidence(...), $one->evidence),
            'tried' => array_map(static fn (Tried $tried): bool => $tried->helped, $one->tried),
            'now' => array_map(self::act(...), $this->diagnosis->now($one->cause)),
            'next' => $next === null ? null : self::next($next),
        ];
    }

    /** @return array<string, mixed> */
    private static function evidence(Evidence $evidence): array
    {
        return ['signal' => $evidence->signal->value, 'speaks_for' => $evidence->strength > 0, 'strength' => round($evidence->strength, 3), 'text' => $evidence->text];
    }

    /** @return array<string, mixed> */
    private static function act(Act $act): array
    {
        return [
            'kind' => $act->kind->value,
            'text' => $act->text,
            'water_grams' => $act->waterGrams,
            'flour_grams' => $act->dryMixFlourGrams,
            'change' => $act->change?->patch(),
        ];
    }

    /** @return array<string, mixed> */
    private static function next(NextTime $next): array
    {
        return ['kind' => $next->change->kind->value, 'text' => $next->change->text, 'change' => $next->change->asked->patch(), 'changes' => ComparisonDocument::json($next->comparison)];
    }
}
