<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Http\JsonResponse;
use RuntimeException;

/** Somebody else changed it first. Both versions go back, so that nothing is lost. */
final class Conflict extends RuntimeException
{
    /**
     * @param array<string, mixed> $current
     * @param array<string, mixed> $yours
     */
    private function __construct(string $message, private readonly string $what, private readonly array $current, private readonly array $yours)
    {
        parent::__construct($message);
    }

    /**
     * @param array<string, mixed> $current the document as it stands
     * @param array<string, mixed> $yours what was to be stored
     */
    public static function between(string $what, int $currentVersion, int $yourVersion, array $current, array $yours): self
    {
        return new self(sprintf('You changed version %d; the %s is at version %d.', $yourVersion, $what, $currentVersion), $what, $current, $yours);
    }

    public function toResponse(): JsonResponse
    {
        return Problem::response(409, 'conflict', sprintf('The %s was changed meanwhile.', $this->what), $this->getMessage(), [
            'current' => $this->current,
            'yours' => $this->yours,
        ]);
    }
}
