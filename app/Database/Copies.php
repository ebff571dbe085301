<?php

declare(strict_types=1);

namespace App\Database;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;

/** The dated copies in one folder, and what was set aside beside the kitchen. Only files that are named as dated copies are ever taken away. */
final readonly class Copies
{
    private const PATTERN = '/^kitchen-\d{4}-\d{2}-\d{2}-\d{6}\.sqlite$/';

    /** What a restore or a newer version left beside the kitchen. */
    private const SET_ASIDE = '/-before-(restore|update)-.*\.sqlite$/';

    public function __construct(private string $folder)
    {
    }

    public static function ofThisHouse(): self
    {
        return new self(config()->string('mill.copies'));
    }

    /** Where the copy of this second goes. */
    public function next(DateTimeInterface $now): string
    {
        return sprintf('%s/kitchen-%s.sqlite', $this->folder, $now->format('Y-m-d-His'));
    }

    /**
     * Copies, and what was set aside beside the kitchen.
     *
     * @return list<Copy> the newest first
     */
    public function all(KitchenDatabase $kitchen): array
    {
        $copies = [...$this->named($this->folder, self::PATTERN, CopyKind::Dated), ...$this->named(dirname($kitchen->path), self::SET_ASIDE, CopyKind::SetAside)];
        usort($copies, static fn (Copy $a, Copy $b): int => [$b->at, $b->name] <=> [$a->at, $a->name]);

        return $copies;
    }

    /**
     * Leaves the newest of them.
     *
     * @return list<string> those that were taken away
     */
    public function keepNewest(int $count): array
    {
        $copies = array_map(static fn (Copy $copy): string => $copy->name, $this->named($this->folder, self::PATTERN, CopyKind::Dated));
        rsort($copies);
        $old = array_slice($copies, max(1, $count));
        foreach ($old as $name) {
            (new KitchenDatabase($this->folder.'/'.$name))->delete();
        }

        return $old;
    }

    /** @return list<Copy> */
    private function named(string $folder, string $pattern, CopyKind $kind): array
    {
        $copies = [];
        foreach (is_dir($folder) ? scandir($folder) ?: [] : [] as $name) {
            $path = "$folder/$name";
            if (preg_match($pattern, $name) === 1 && is_file($path)) {
                $copies[] = new Copy($name, $path, $kind, (new DateTimeImmutable('@'.filemtime($path)))->setTimezone(new DateTimeZone('UTC')), (int) filesize($path));
            }
        }

        return $copies;
    }
}
