<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A photo of a bread, kept with the kitchen: it is in its copies, and goes when it is deleted.
 *
 * @property int $id
 * @property string $uuid
 * @property int $batch_id
 * @property int|null $user_id
 * @property string $taken_at
 * @property int $width
 * @property int $height
 * @property string $bytes JPEG
 */
final class Photo extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $hidden = ['bytes'];
}
