<?php

declare(strict_types=1);

namespace App\Problems;

use App\Http\Resources\BatchDocument;
use App\Models\Batch;
use Illuminate\Http\JsonResponse;
use RuntimeException;

/** Somebody else changed the batch first. Both versions go back, so that nothing is lost. */
final class Conflict extends RuntimeException
{
    /** @param array<string, mixed> $yours */
    private function __construct(string $message, private readonly Batch $current, private readonly array $yours)
    {
        parent::__construct($message);
    }

    /** @param array<string, mixed> $yours */
    public static function between(Batch $current, int $yourVersion, array $yours): self
    {
        return new self(sprintf('You changed version %d; the batch is at version %d.', $yourVersion, $current->version), $current, $yours);
    }

    public function toResponse(): JsonResponse
    {
        return Problem::response(409, 'conflict', 'The batch was changed meanwhile.', $this->getMessage(), [
            'current' => BatchDocument::of($this->current),
            'yours' => $this->yours,
        ]);
    }
}
