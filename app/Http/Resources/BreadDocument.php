<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Formula;
use App\Models\FormulaRevision;

/** A bread with every version that was ever kept, the newest first. */
final class BreadDocument
{
    /** @return array<string, mixed> */
    public static function of(Formula $formula): array
    {
        return [
            'id' => $formula->uuid, 'name' => $formula->name, 'style' => $formula->style,
            'revisions' => FormulaRevision::query()->where('formula_id', $formula->id)->latest('number')->get()->map(static fn (FormulaRevision $revision): array => [
                'number' => $revision->number, 'saved_at' => $revision->created_at?->format(DATE_RFC3339), 'request' => $revision->document,
            ])->all(),
        ];
    }
}
