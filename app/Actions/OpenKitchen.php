<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Kitchen;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use StoneMill\Plan\Reference;
use StoneMill\Style\Style;

/** A new kitchen with its first cook and four breads to begin with; more come from the chooser. */
final readonly class OpenKitchen
{
    private const STARTERS = ['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap'];

    public function __construct(private Reference $reference, private NewBread $newBread)
    {
    }

    public function __invoke(string $kitchenName, string $userName, string $password): User
    {
        return DB::transaction(function () use ($kitchenName, $userName, $password): User {
            $kitchen = Kitchen::query()->create(['name' => $kitchenName]);
            foreach (self::STARTERS as $style) {
                ($this->newBread)($kitchen, Uuid::uuid4()->toString(), $this->reference->styles->style($style)->name, self::request($this->reference->styles->style($style)));
            }

            return User::query()->create(['kitchen_id' => $kitchen->id, 'name' => $userName, 'password' => $password]);
        });
    }

    /** @return array<string, mixed> the plan request of a style as it ships */
    public static function request(Style $style): array
    {
        return [
            'style' => $style->id,
            'formula' => ['lines' => $style->formula, 'method' => $style->method->toArray()],
            'pieces' => ['count' => $style->pieceCount, 'grams_each' => $style->pieceGrams, 'thickness_mm' => $style->thicknessMillimetres],
        ];
    }
}
