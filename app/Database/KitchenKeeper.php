<?php

declare(strict_types=1);

namespace App\Database;

use App\Database\Exception\UnusableKitchen;
use Closure;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

/**
 * Makes, brings up to date, copies and puts back the kitchen's file. Whatever replaces it is built under another name and takes
 * its place when it is whole, while nobody else is at the file; what was there before stays beside it.
 */
final readonly class KitchenKeeper
{
    private const PATIENCE_SECONDS = 20.0;

    public function __construct(private KitchenDoor $door, private Kernel $artisan)
    {
    }

    public function kitchen(): KitchenDatabase
    {
        return new KitchenDatabase(config()->string('database.connections.sqlite.database'));
    }

    public function condition(): FileCondition
    {
        return $this->kitchen()->condition(self::migrations());
    }

    /** @throws UnusableKitchen If there is no kitchen of this version to work on, as far as a first look tells. */
    public function needed(): void
    {
        $condition = $this->kitchen()->isMemory() ? FileCondition::Sound : $this->firstLook();
        if ($condition !== FileCondition::Sound) {
            throw UnusableKitchen::found($this->kitchen(), $condition);
        }
    }

    private function firstLook(): FileCondition
    {
        return $this->kitchen()->firstLook(self::migrations());
    }

    /**
     * Sees to it that there is a kitchen that is current and, at first look, sound.
     *
     * @return KitchenDatabase|null the file as it was before, if it had to be brought up to date
     *
     * @throws UnusableKitchen If what is there is no kitchen of this version, or damaged.
     */
    public function prepare(bool $withDemo): ?KitchenDatabase
    {
        $condition = $this->firstLook();
        if ($condition === FileCondition::Sound) {
            return null;
        }
        if (! $condition->isUsable() && $condition !== FileCondition::Missing) {
            throw UnusableKitchen::found($this->kitchen(), $condition);
        }

        return $this->alone(function (KitchenDatabase $kitchen) use ($withDemo): ?KitchenDatabase {
            // Somebody else may have been quicker while this one waited to be alone.
            return match ($this->firstLook()) {
                FileCondition::Missing => $this->make($kitchen, $withDemo),
                FileCondition::Older => $this->update($kitchen),
                default => null,
            };
        });
    }

    /** Puts the kitchen aside whole, damaged or not, so that the next one begins anew; null where there is none. */
    public function putAside(): ?KitchenDatabase
    {
        if (! is_file($this->kitchen()->path)) {
            return null;
        }

        return $this->alone(static function (KitchenDatabase $kitchen): KitchenDatabase {
            $aside = $kitchen->beside('until');
            $kitchen->moveTo($aside);

            return $aside;
        });
    }

    /** @throws UnusableKitchen If the kitchen or the copy is not sound, or there is a file of that name already. */
    public function backUp(string $path): void
    {
        $condition = $this->condition();
        if (! $condition->isUsable()) {
            throw UnusableKitchen::found($this->kitchen(), $condition);
        }
        if (file_exists($path) || ! $this->kitchen()->copyTo(new KitchenDatabase($path))) {
            throw UnusableKitchen::nameTaken($path);
        }
        // A copy that cannot be read back is none.
        $copy = new KitchenDatabase($path);
        $condition = $copy->condition(self::migrations());
        if (! $condition->isUsable()) {
            $copy->delete();
            throw UnusableKitchen::copy($copy, $condition);
        }
    }

    /**
     * @return KitchenDatabase|null what was there before; null where nothing was
     *
     * @throws UnusableKitchen If the copy is no sound kitchen of this version or an earlier one.
     */
    public function restore(string $path): ?KitchenDatabase
    {
        $copy = new KitchenDatabase($path);
        if (! is_file($path)) {
            throw UnusableKitchen::copy($copy, FileCondition::Missing);
        }

        return $this->alone(function (KitchenDatabase $kitchen) use ($copy): ?KitchenDatabase {
            $staged = $this->staged($kitchen);
            foreach (['', '-wal'] as $ending) {
                if (is_file($copy->path.$ending)) {
                    copy($copy->path.$ending, $staged->path.$ending);
                    chmod($staged->path.$ending, 0600);
                }
            }
            $condition = $staged->condition(self::migrations());
            if (! $condition->isUsable() || ! $staged->isWhole()) {
                $staged->delete();
                throw UnusableKitchen::copy($copy, $condition->isUsable() ? FileCondition::Broken : $condition);
            }
            $this->migrate($staged);

            return self::exchange($kitchen, $staged);
        });
    }

    /** @return list<string> the migrations of this version, in order */
    public static function migrations(): array
    {
        return array_map(static fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
    }

    /**
     * @template T
     *
     * @param Closure(KitchenDatabase): T $work
     * @return T
     */
    private function alone(Closure $work): mixed
    {
        DB::purge();
        $kitchen = $this->kitchen();
        if (! is_dir(dirname($kitchen->path))) {
            mkdir(dirname($kitchen->path), 0700, true);
        }

        return $this->door->alone($kitchen->path, self::PATIENCE_SECONDS, static fn (): mixed => $work($kitchen));
    }

    private function make(KitchenDatabase $kitchen, bool $withDemo): null
    {
        if ($kitchen->hasLogWithoutFile()) {
            $kitchen->moveTo($kitchen->beside('log-without-file'));
        }
        $staged = $this->staged($kitchen);
        touch($staged->path);
        chmod($staged->path, 0600);
        $this->migrate($staged);
        if ($withDemo) {
            $this->at($staged, fn (): int => $this->artisan->call('db:seed', ['--force' => true]));
        }
        $staged->gather();
        rename($staged->path, $kitchen->path);

        return null;
    }

    private function update(KitchenDatabase $kitchen): KitchenDatabase
    {
        $staged = $this->staged($kitchen);
        $kitchen->copyTo($staged);
        $this->migrate($staged);
        $kept = $kitchen->beside('before-update');
        $staged->takePlaceOf($kitchen, $kept);

        return $kept;
    }

    private static function exchange(KitchenDatabase $kitchen, KitchenDatabase $staged): ?KitchenDatabase
    {
        $kept = $kitchen->beside('before-restore');
        if ($kitchen->condition(self::migrations())->isUsable()) {
            $staged->takePlaceOf($kitchen, $kept);

            return $kept;
        }
        $wasThere = is_file($kitchen->path);
        if ($wasThere || $kitchen->hasLogWithoutFile()) {
            $kitchen->moveTo($kept);
        }
        $staged->gather();
        rename($staged->path, $kitchen->path);

        return $wasThere ? $kept : null;
    }

    private function migrate(KitchenDatabase $file): void
    {
        $this->at($file, function (): void {
            $this->artisan->call('migrate', ['--force' => true]);
            $this->artisan->call('mill:rebuild');
        });
    }

    /** A place to build in; what an interrupted attempt left there goes. */
    private function staged(KitchenDatabase $kitchen): KitchenDatabase
    {
        $staged = new KitchenDatabase($kitchen->path.'.new');
        $staged->delete();

        return $staged;
    }

    /** Lets the framework work on another file than the kitchen. */
    private function at(KitchenDatabase $file, Closure $work): void
    {
        $kitchen = $this->kitchen()->path;
        config(['database.connections.sqlite.database' => $file->path]);
        DB::purge();
        try {
            $work();
        } finally {
            DB::purge();
            config(['database.connections.sqlite.database' => $kitchen]);
        }
    }
}
