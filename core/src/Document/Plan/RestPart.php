<?php

declare(strict_types=1);

namespace StoneMill\Document\Plan;

use StoneMill\Plan\BatchPlan;

/** How the dough waits, where, and how much drier it feels meanwhile. */
final readonly class RestPart
{
    private const COURSE_STEPS = 16;

    private const LEAST_COURSE_MINUTES = 20.0;

    public function __construct(private BatchPlan $plan)
    {
    }

    /** @return array<string, mixed> how the dough waits, and where */
    public function json(): array
    {
        $rests = $this->plan->request->rests;
        $place = $rests->place($this->plan->request->method->rest);
        $tightening = $this->plan->tightening($this->plan->restSeconds / 60);

        return [
            'seconds' => $this->plan->restSeconds,
            'place' => $place->value,
            'words' => $place->inWords(),
            'stand_seconds' => (int) round(60 * $rests->standMinutes),
            'second_seconds' => (int) round(60 * $rests->secondMinutes),
            'second_words' => $rests->secondPlace->inWords(),
            'tightens_points' => round($tightening->points, 2),
            'tightens' => $tightening->inWords(),
            'course' => $tightening->isFelt() ? $this->tighteningCourse() : [],
        ];
    }

    /** @return list<array{minutes: float, points: float}> how much drier the dough feels, while it rests and a little beyond */
    private function tighteningCourse(): array
    {
        $until = max(self::LEAST_COURSE_MINUTES, 1.5 * $this->plan->restSeconds / 60);

        return array_map(function (int $step) use ($until): array {
            $minutes = $until * $step / self::COURSE_STEPS;

            return ['minutes' => round($minutes, 2), 'points' => round($this->plan->tightening($minutes)->points, 2)];
        }, range(0, self::COURSE_STEPS));
    }
}
