<?php

declare(strict_types=1);

namespace App\Database;

/** The dated copies in one folder. Only files that are named as these copies are ever taken away. */
final readonly class Copies
{
    private const PATTERN = '/^kitchen-\d{4}-\d{2}-\d{2}-\d{6}\.sqlite$/';

    public function __construct(private string $folder)
    {
    }

    /** Where the copy of this second goes. */
    public function next(\DateTimeInterface $now): string
    {
        return sprintf('%s/kitchen-%s.sqlite', $this->folder, $now->format('Y-m-d-His'));
    }

    /**
     * Leaves the newest of them.
     *
     * @return list<string> those that were taken away
     */
    public function keepNewest(int $count): array
    {
        $copies = array_values(array_filter(scandir($this->folder) ?: [], static fn (string $name): bool => preg_match(self::PATTERN, $name) === 1));
        rsort($copies);
        $old = array_slice($copies, max(1, $count));
        foreach ($old as $name) {
            (new KitchenFile($this->folder.'/'.$name))->delete();
        }

        return $old;
    }
}
