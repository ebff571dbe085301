<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Batch;
use StoneMill\Fault\Causes;
use StoneMill\School\Symptom;

/** What went wrong again and again in the batches that a filter finds, the most frequent first. */
final class RecurringFaults
{
    private const MOST = 6;

    /** As the index has it, so that only batches that something went wrong in are looked at. */
    private const SOME = "json_array_length(summary, '$.faults') > 0";

    /** @return list<array{symptom: string, name: string, cause: string|null, cause_name: string|null, batches: int}> */
    public static function in(int $kitchenId, BatchFilter $filter): array
    {
        $query = Batch::query()->where('kitchen_id', $kitchenId)->whereRaw(self::SOME);
        $filter->narrow($query);
        $counts = [];
        foreach ($query->orderByDesc('id')->limit(BatchPage::MOST)->get(['id', 'summary']) as $batch) {
            foreach ((array) ($batch->summary['faults'] ?? []) as $fault) {
                $symptom = Symptom::tryFrom(is_array($fault) && is_string($fault['symptom'] ?? null) ? $fault['symptom'] : '');
                if ($symptom !== null) {
                    $cause = is_array($fault) && is_string($fault['cause'] ?? null) ? $fault['cause'] : '';
                    $counts["$symptom->value $cause"] = ($counts["$symptom->value $cause"] ?? 0) + 1;
                }
            }
        }
        arsort($counts);

        return array_map(self::row(...), array_slice(array_keys($counts), 0, self::MOST), array_slice(array_values($counts), 0, self::MOST));
    }

    /** @return array{symptom: string, name: string, cause: string|null, cause_name: string|null, batches: int} */
    private static function row(string $key, int $batches): array
    {
        [$symptom, $cause] = explode(' ', $key, 2);

        return [
            'symptom' => $symptom,
            'name' => Symptom::from($symptom)->inWords(),
            'cause' => $cause === '' ? null : $cause,
            'cause_name' => $cause === '' ? null : Causes::shipped()->named($cause)->name ?? null,
            'batches' => $batches,
        ];
    }
}
