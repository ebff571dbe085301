<?php

declare(strict_types=1);

namespace StoneMill\Fault;

use StoneMill\Record\FaultTally;
use StoneMill\Record\Verdict;
use StoneMill\School\Symptom;

/** What came of the remedies that were tried for one bread: the next batch that was judged shows the symptom again, or does not. */
final class Followed
{
    /**
     * @param list<array{faults: FaultTally, verdict: Verdict|null}> $batches of one bread, in order
     * @return list<Tried>
     */
    public static function in(array $batches): array
    {
        $open = [];
        $tried = [];
        foreach ($batches as ['faults' => $faults, 'verdict' => $verdict]) {
            if ($verdict !== null) {
                $shown = [...array_keys($faults->seen), ...array_map(static fn (Symptom $one): string => $one->value, Seen::toldBy($verdict))];
                foreach ($open as ['symptom' => $symptom, 'cause' => $cause]) {
                    $tried[] = new Tried($symptom, $cause, ! in_array($symptom->value, $shown, true));
                }
                $open = [];
            }
            foreach ($faults->seen as $fault) {
                if ($fault->cause !== null) {
                    $open[] = ['symptom' => $fault->symptom, 'cause' => $fault->cause];
                }
            }
        }

        return $tried;
    }
}
