<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use StoneMill\Learn\CalibratedSetting;
use StoneMill\Measure\Spread;

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

    private const LEAST_DEVIATION = 1.0;

    protected $guarded = [];

    /** What it found of its setting, as the record learns from it; the griddle's identifier comes along with the row. */
    public function toSetting(): CalibratedSetting
    {
        $figure = fn (string $part): float => is_numeric($value = data_get($this->answer, "surface_celsius.$part")) ? (float) $value : 0.0;
        $griddle = $this->getAttribute('griddle');

        return new CalibratedSetting(
            is_string($griddle) ? $griddle : '',
            $this->setting,
            $figure('value'),
            max(self::LEAST_DEVIATION, ($figure('high') - $figure('low')) / 2 / Spread::DECILE_DEVIATIONS),
            UtcMoment::dayOf($this->taken_at),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['question' => 'array', 'answer' => 'array'];
    }
}
