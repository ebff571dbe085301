<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Bread;
use App\Models\BreadRevision;
use App\Models\Kitchen;
use Illuminate\Support\Facades\DB;
use StoneMill\Document\PortraitDocument;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Planner;
use StoneMill\Plan\Portrait;
use StoneMill\Plan\Reference;

/** Keeps a new bread with its first version. What cannot be planned is no bread. */
final readonly class NewBread
{
    public function __construct(private Reference $reference, private Planner $planner)
    {
    }

    public function __invoke(Kitchen $kitchen, string $uuid, string $name, GivenRequest $request): Bread
    {
        $read = $request->read($this->reference);
        $portrait = PortraitDocument::json(Portrait::of($this->planner->plan($read)));
        $document = $request->completedBy($read->style)->json();

        return DB::transaction(static function () use ($kitchen, $uuid, $name, $document, $portrait, $read): Bread {
            // Whoever sent the same a moment before has made it: then this is that bread.
            $known = Bread::query()->where('uuid', $uuid)->first();
            if ($known !== null) {
                return $known;
            }
            $formula = Bread::query()->create(['uuid' => $uuid, 'kitchen_id' => $kitchen->id, 'name' => $name, 'style' => $read->style->id, 'portrait' => $portrait]);
            BreadRevision::query()->create(['formula_id' => $formula->id, 'number' => 1, 'document' => $document]);

            return $formula;
        });
    }
}
