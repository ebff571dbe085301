<?php

declare(strict_types=1);

namespace StoneMill\Line;

use StoneMill\Line\Internal\Placer;
use StoneMill\School\ActionKind;

/**
 * What is left to do at the griddle, put in order anew from where things stand: touches of what lies there come
 * first, at the moments that are now right for them; what is not laid yet goes where hands and places are free.
 * Times are seconds from the moment at which things stand so.
 */
final readonly class Remaining
{
    public function __construct(private PieceWork $work, private Crew $crew)
    {
    }

    /**
     * @param list<array{piece: int, place: int, touch: int, from: float, at: float, to: float}> $due every touch still to come of what lies there
     * @param list<int> $toLay numbers of the pieces
     * @param array<int, float> $placeFree when places that were just left are hot again, by place
     * @return list<Step> by time
     */
    public function steps(array $due, array $toLay, array $placeFree): array
    {
        $placer = new Placer($this->work, $this->crew);
        usort($due, static fn (array $a, array $b): int => [$a['at'], $a['piece']] <=> [$b['at'], $b['piece']]);
        $steps = array_map(fn (array $touch): Step => $this->touch($placer, $touch), $due);
        foreach ($placeFree as $place => $free) {
            $placer->holdPlace($place, $free);
        }
        $used = array_fill_keys([...array_column($due, 'place'), ...array_keys($placeFree)], true);
        foreach ($toLay as $piece) {
            $placer->group([$piece], [0.0], 0.0);
        }
        $steps = [...$steps, ...$this->ofNew($placer, array_fill_keys($toLay, true), $used)];
        usort($steps, static fn (Step $a, Step $b): int => [$a->at, $a->piece] <=> [$b->at, $b->piece]);

        return $steps;
    }

    /** @param array{piece: int, place: int, touch: int, from: float, at: float, to: float} $touch */
    private function touch(Placer $placer, array $touch): Step
    {
        $work = $this->work->touches[$touch['touch'] - 1];
        $at = $placer->touch(ActionKind::ofTouch($work->action), $touch['piece'], $touch['place'], $touch['touch'], max(0.0, $touch['from']), max(0.0, $touch['at']), $work->hands);
        if ($touch['touch'] === count($this->work->touches)) {
            $placer->holdPlace($touch['place'], $at + $work->hands + $this->work->recover);
        }

        // What is overdue keeps the moment at which it was due, so that it is seen how late it is.
        return new Step(ActionKind::ofTouch($work->action), $touch['piece'], $touch['place'], $touch['touch'], min($at, max($touch['at'], $touch['to'])), $touch['from'], $touch['to'], null);
    }

    /**
     * @param array<int, true> $new pieces
     * @param array<int, true> $used places that something lay on before
     * @return list<Step>
     */
    private function ofNew(Placer $placer, array $new, array $used): array
    {
        $shaped = $laid = $steps = $fresh = [];
        foreach ($placer->placed() as $task) {
            if ($task['kind'] === ActionKind::Shape) {
                $shaped[$task['piece']] = min($shaped[$task['piece']] ?? INF, $task['from']);
            } elseif ($task['touch'] === 0) {
                $laid[$task['piece']] = $task['from'];
                $fresh[$task['piece']] = ! isset($used[$task['place'] ?? 0]);
                $used[$task['place'] ?? 0] = true;
            }
        }
        foreach ($placer->placed() as ['kind' => $kind, 'piece' => $piece, 'place' => $place, 'touch' => $number, 'from' => $at]) {
            if ($place === null || $number === null || ! isset($new[$piece])) {
                continue;
            }
            $touch = $this->work->touchesOn($fresh[$piece] ?? false)[$number - 1] ?? null;
            $steps[] = $touch === null
                ? new Step($kind, $piece, $place, 0, $at + $this->work->oil, $at + $this->work->oil, null, $shaped[$piece] ?? $at)
                : new Step($kind, $piece, $place, $number, $at, min($at, $laid[$piece] + $touch->from), max($at, $laid[$piece] + $touch->to), null);
        }

        return $steps;
    }
}
