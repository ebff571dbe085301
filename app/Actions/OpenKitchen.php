<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Kitchen;
use App\Models\KitchenRole;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use StoneMill\Plan\GivenRequest;
use StoneMill\Plan\Reference;
use StoneMill\Style\Style;

/** A new kitchen with its first cook and four breads to begin with; more come from the chooser. */
final readonly class OpenKitchen
{
    private const STARTERS = ['pressed-masa', 'millet-round', 'rice-round', 'almond-wrap'];

    public function __construct(private Reference $reference, private NewBread $newBread, private JoinKitchen $join)
    {
    }

    /** @return User|null null where there is a kitchen already: of many who ask at once, one opens it */
    public function __invoke(string $kitchenName, string $userName, string $password): ?User
    {
        return DB::transaction(function () use ($kitchenName, $userName, $password): ?User {
            if (Kitchen::query()->exists()) {
                return null;
            }
            $kitchen = $this->kitchen($kitchenName);
            $user = User::query()->create(['kitchen_id' => $kitchen->id, 'name' => $userName, 'password' => $password]);
            ($this->join)($user, $kitchen, KitchenRole::Owner);

            return $user;
        });
    }

    /** One more kitchen on this house, which this person owns and is in from now on. */
    public function another(User $user, string $kitchenName): void
    {
        DB::transaction(fn () => ($this->join)($user, $this->kitchen($kitchenName), KitchenRole::Owner));
    }

    private function kitchen(string $name): Kitchen
    {
        $kitchen = Kitchen::query()->create(['name' => $name]);
        foreach (self::STARTERS as $style) {
            $this->bread($kitchen, $this->reference->styles->style($style));
        }

        return $kitchen;
    }

    private function bread(Kitchen $kitchen, Style $style): void
    {
        ($this->newBread)($kitchen, Uuid::uuid4()->toString(), $style->name, GivenRequest::spelledOut($style));
    }
}
