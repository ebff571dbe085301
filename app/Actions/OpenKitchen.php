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

    /** @return User|null null where there is a kitchen already: of many who ask at once, one opens it */
    public function __invoke(string $kitchenName, string $userName, string $password): ?User
    {
        return DB::transaction(function () use ($kitchenName, $userName, $password): ?User {
            if (Kitchen::query()->exists()) {
                return null;
            }
            $kitchen = Kitchen::query()->create(['name' => $kitchenName]);
            foreach (self::STARTERS as $style) {
                $this->bread($kitchen, $this->reference->styles->style($style));
            }

            return User::query()->create(['kitchen_id' => $kitchen->id, 'name' => $userName, 'password' => $password]);
        });
    }

    private function bread(Kitchen $kitchen, Style $style): void
    {
        ($this->newBread)($kitchen, Uuid::uuid4()->toString(), $style->name, $style->toRequest());
    }
}
