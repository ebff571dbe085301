<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Console\Command;

/** One thing of a house that was looked at. */
final readonly class Finding
{
    /** @param string $remedy what to do about it; empty where it is well */
    public function __construct(public string $what, public string $found, public string $remedy)
    {
    }

    public function isWell(): bool
    {
        return $this->remedy === '';
    }

    /**
     * Says each thing in a line, and below it what to do about it.
     *
     * @param list<self> $findings
     * @return int the exit code: whether nothing wants doing
     */
    public static function say(array $findings, Command $command): int
    {
        foreach ($findings as $finding) {
            $command->line(sprintf('%s %-22s %s', $finding->isWell() ? 'well ' : 'WANTS', $finding->what, $finding->found));
            if (! $finding->isWell()) {
                $command->line('      '.$finding->remedy);
            }
        }
        $wants = count(array_filter($findings, static fn (self $finding): bool => ! $finding->isWell()));
        $command->line($wants === 0 ? 'All is well.' : sprintf('%d of %d want something.', $wants, count($findings)));

        return $wants === 0 ? Command::SUCCESS : Command::FAILURE;
    }
}
