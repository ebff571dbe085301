<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Bread;
use App\Models\Trial;
use StoneMill\Exchange\Exception\InvalidInput;
use StoneMill\Exchange\Node;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Reference;
use StoneMill\Record\PlannedBatch;
use StoneMill\Trial\Design;
use StoneMill\Trial\Judged;
use StoneMill\Trial\Levels;

/** Sets a trial up, once each of its levels can be planned and its bread can be judged by what it asks. */
final readonly class BeginTrial
{
    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    /** @param Node $body whose findings tell what is wrong; then nothing is stored */
    public function __invoke(Bread $bread, string $uuid, string $question, Design $design, bool $isBlind, Node $body): ?Trial
    {
        $levels = new Levels($this->reference, $this->planner, $bread->newest()->given(), LevelBags::of($bread->kitchen, $design->factor));
        $batch = PlannedBatch::of($levels->standing());
        if ($design->judged === Judged::Pliability && ! $batch->isFolded() || $design->judged === Judged::Puff && ! $batch->puffs()) {
            $body->at('judged')->refuse('This bread is not judged by that.', 'something that its verdict tells');

            return null;
        }
        foreach ($design->settings() as $place => $setting) {
            try {
                $levels->plan($setting);
            } catch (InvalidInput $refusal) {
                $body->at('levels')->refuse(sprintf('%s cannot be planned for this bread: %s', ucfirst($setting->inWords()), $refusal->getMessage()), sprintf('another level than the %d.', $place + 1));

                return null;
            }
        }

        return Trial::query()->create([
            ...self::columns($design),
            'uuid' => $uuid, 'kitchen_id' => $bread->kitchen_id, 'formula_id' => $bread->id, 'question' => $question, 'is_blind' => $isBlind,
        ]);
    }

    /** @return array<string, mixed> a design as it is kept */
    public static function columns(Design $design): array
    {
        return [
            'factor' => $design->factor->value, 'levels' => $design->levels, 'names' => $design->factor->isOfThePantry() ? $design->names() : null,
            'judged' => $design->judged->value, 'rounds' => $design->rounds, 'seed' => $design->seed, 'in_halves' => $design->inHalves,
        ];
    }
}
