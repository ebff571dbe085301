<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Formula;
use App\Models\FormulaRevision;
use App\Models\Kitchen;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use StoneMill\Plan\Reference;
use StoneMill\Style\Style;

/** A new kitchen with its first cook and a bread of each style to begin with. */
final readonly class OpenKitchen
{
    public function __construct(private Reference $reference)
    {
    }

    public function __invoke(string $kitchenName, string $userName, string $password): User
    {
        return DB::transaction(function () use ($kitchenName, $userName, $password): User {
            $kitchen = Kitchen::query()->create(['name' => $kitchenName]);
            foreach ($this->reference->styles->all() as $style) {
                $this->bread($kitchen, $style);
            }

            return User::query()->create(['kitchen_id' => $kitchen->id, 'name' => $userName, 'password' => $password]);
        });
    }

    private function bread(Kitchen $kitchen, Style $style): void
    {
        $formula = Formula::query()->create(['uuid' => Uuid::uuid4()->toString(), 'kitchen_id' => $kitchen->id, 'name' => $style->name, 'style' => $style->id]);
        FormulaRevision::query()->create(['formula_id' => $formula->id, 'number' => 1, 'document' => [
            'style' => $style->id,
            'formula' => ['lines' => $style->formula, 'method' => $style->method->toArray()],
            'pieces' => ['count' => $style->pieceCount, 'grams_each' => $style->pieceGrams, 'thickness_mm' => $style->thicknessMillimetres],
        ]]);
    }
}
