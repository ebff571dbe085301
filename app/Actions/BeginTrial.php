<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Bread;
use App\Models\Trial;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\MergePatch;
use StoneMill\Exchange\Node;
use StoneMill\Plan\Planner;
use StoneMill\Plan\PlanRequest;
use StoneMill\Plan\Reference;
use StoneMill\Record\PlannedBatch;
use StoneMill\Trial\Design;
use StoneMill\Trial\Judged;

/** Sets a trial up, once each of its levels can be planned and its bread can be judged by what it asks. */
final readonly class BeginTrial
{
    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /** @param Node $body whose findings tell what is wrong; then nothing is stored */
    public function __invoke(Bread $bread, string $uuid, string $question, Design $design, bool $isBlind, Node $body): ?Trial
    {
        $newest = $bread->newest()->document;
        $plan = $this->planner->plan(PlanRequest::read($newest, $this->reference));
        $batch = PlannedBatch::of($plan);
        if ($design->judged === Judged::Pliability && ! $batch->isFolded() || $design->judged === Judged::Puff && ! $batch->puffs()) {
            $body->at('judged')->refuse('This bread is not judged by that.', 'something that its verdict tells');

            return null;
        }
        foreach ($design->settings() as $place => $setting) {
            try {
                $this->planner->plan(PlanRequest::read(MergePatch::applied($newest, $setting->patch($plan)), $this->reference));
            } catch (InvalidInput $refusal) {
                $body->at('levels')->refuse(sprintf('%s cannot be planned for this bread: %s', ucfirst($setting->inWords()), $refusal->getMessage()), sprintf('another level than the %d.', $place + 1));

                return null;
            }
        }

        return Trial::query()->create([
            'uuid' => $uuid, 'kitchen_id' => $bread->kitchen_id, 'formula_id' => $bread->id, 'question' => $question, 'factor' => $design->factor->value,
            'levels' => $design->levels, 'judged' => $design->judged->value, 'rounds' => $design->rounds, 'seed' => $design->seed, 'is_blind' => $isBlind,
        ]);
    }
}
