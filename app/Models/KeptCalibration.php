<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was read of a griddle at one setting, and what came of it.
 *
 * @property int $id
 * @property string $uuid
 * @property int $gear_id
 * @property string $setting
 * @property array<string, mixed> $question
 * @property array<string, mixed> $answer
 * @property string $taken_at
 */
final class KeptCalibration extends Model
{
    protected $table = 'calibrations';

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['question' => 'array', 'answer' => 'array'];
    }
}
