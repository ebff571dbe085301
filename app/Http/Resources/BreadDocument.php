<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Bread;
use App\Models\BreadRevision;

/** A bread with every version that was ever kept, the newest first. */
final class BreadDocument
{
    /** @return array<string, mixed> */
    public static function of(Bread $formula): array
    {
        return [
            'id' => $formula->uuid, 'name' => $formula->name, 'style' => $formula->style,
            'revisions' => $formula->revisions->map(static fn (BreadRevision $revision): array => [
                'number' => $revision->number, 'saved_at' => $revision->created_at?->format(DATE_RFC3339), 'request' => $revision->document, 'reason' => $revision->reason,
            ])->all(),
        ];
    }
}
