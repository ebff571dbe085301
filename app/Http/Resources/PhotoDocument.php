<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Batch;
use App\Models\Photo;

/** What a page needs to show a photo; the picture itself has an address of its own. */
final class PhotoDocument
{
    /** @return list<array{id: string, taken_at: string, width: int, height: int}> */
    public static function all(Batch $batch): array
    {
        return array_values($batch->photos->map(self::of(...))->all());
    }

    /** @return array{id: string, taken_at: string, width: int, height: int} */
    public static function of(Photo $photo): array
    {
        return ['id' => $photo->uuid, 'taken_at' => $photo->taken_at, 'width' => $photo->width, 'height' => $photo->height];
    }
}
